import type { CallRecord } from '@proper-swing/contract';
import type { PanelKind } from '@proper-swing/core/sliding/card/panel';
import { router } from 'expo-router';
import { CallFrame } from '../../call/CallFrame';
import { Choice } from '../../design/Choice';
import { Header } from '../../design/Header';
import { Page } from '../../design/Page';
import { Press } from '../../design/Press';
import { Words } from '../../design/Words';
import { PANEL_KIND } from '../../sheets/fieldKinds';
import { TakeDownKeys, TakeDownSteps, useTakeDown } from './TakeDownSteps';

/** Out and back in without a customer: which panel is chosen. */
export function TakeDownPage() {
  const taking = useTakeDown('swing.draft.takeDown', 'glass');
  return (
    <Page
      header={<Header title="Take down, put back" sub="The bench" onBack={() => router.navigate('/bench')} backLabel="Back to the bench" />}
      footer={<TakeDownKeys taking={taking} />}
    >
      <Choice
        label="The panel is"
        options={PANEL_KIND.options ?? []}
        chosen={taking.kind}
        onChoose={(id) => taking.choose(id as PanelKind)}
        testID="panel"
      />
      <TakeDownSteps taking={taking} />
    </Page>
  );
}

/** Out and back in the panel of a call. */
export function CallTakeDownPage() {
  return (
    <CallFrame stage="fix" titled="Take down, put back">
      {(record) => <InCall record={record} />}
    </CallFrame>
  );
}

function InCall({ record: { call, door } }: { record: CallRecord }) {
  const taking = useTakeDown(`swing.draft.takeDown.${call.id}`, door.kind === 'sliding' ? door.make.panelKind : 'glass');
  if (door.kind !== 'sliding') return <Words>This door hangs on hinges.</Words>;
  return (
    <>
      <TakeDownSteps taking={taking}>
        <TakeDownKeys taking={taking} />
      </TakeDownSteps>
      <Press kind="quiet" onPress={() => router.replace(`/call/${call.id}/fix`)} testID="back-to-fix">
        Back to Fix
      </Press>
    </>
  );
}
