import type { CallRecord } from '@proper-swing/contract';
import { router } from 'expo-router';
import { useReducer, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { Header } from '../design/Header';
import { Page, type PageProps } from '../design/Page';
import { Press } from '../design/Press';
import { SPACE } from '../design/tokens';
import { useScreen } from '../design/useScreen';
import { Words } from '../design/Words';
import { isGoneOnWith, NotHere } from './NotHere';
import { StageStrip } from './StageStrip';
import { stagesOf, type CallStage } from './stages';
import { UncomputedNotice } from './UncomputedNotice';
import { useCallPage } from './useCallPage';

export interface CallFrameProps extends Pick<PageProps, 'isFixed'> {
  /** None for what belongs to every stage. */
  stage?: CallStage;
  /** The page’s path below the call’s, where which stage it is depends on what the call is for; else it is of `stage`. */
  path?: string;
  /** What the browser's tab calls the page, where it is no stage. */
  titled?: string;
  footer?: (record: CallRecord) => ReactNode;
  children: (record: CallRecord) => ReactNode;
}

/** What every stage of a call has round it; says so when the call is not to be had. */
export function CallFrame({ stage: usual, path, titled, footer, isFixed, children }: CallFrameProps) {
  const { callId, record, isMissing, notHere } = useCallPage();
  const { isFlat } = useScreen();
  const stages = stagesOf(record);
  const stage = stages.find((each) => each.path === path)?.id ?? usual;
  const strip = <StageStrip callId={callId} stages={stages} current={stage} />;
  const title = record?.door.title ?? 'Call';
  const [, goOn] = useReducer((times: number) => times + 1, 0);
  const sub = notHere ? 'Not all of it is here' : record?.site.name;
  const header = (
    <View>
      <Header
        title={title}
        titled={titled ?? stages.find(({ id }) => id === stage)?.title}
        sub={sub}
        subTone={notHere ? 'tight' : 'pencil'}
        onBack={() => router.navigate('/')}
        backLabel="Back to today's calls"
        beside={isFlat ? strip : undefined}
        right={
          stage !== undefined && (
            <Press label="Log work" onPress={() => router.replace(`/call/${callId}/log`)} style={styles.log} testID="to-log">
              Log
            </Press>
          )
        }
      />
      {!isFlat && strip}
      {record && <UncomputedNotice record={record} />}
    </View>
  );
  if (record === undefined) {
    return (
      <Page header={header}>
        {isMissing ? (
          <>
            <Words>This call is not kept on this device, and the server cannot be reached or does not know it.</Words>
            <Press kind="primary" onPress={() => router.navigate('/')}>
              Back to the calls
            </Press>
          </>
        ) : (
          <Words tone="pencil">Fetching the call.</Words>
        )}
      </Page>
    );
  }
  if (notHere !== undefined && !isGoneOnWith(callId)) {
    return (
      <Page header={header}>
        <NotHere callId={callId} missing={notHere} onGoOn={goOn} />
      </Page>
    );
  }
  return (
    <Page header={header} footer={footer?.(record)} isFixed={isFixed}>
      {children(record)}
    </Page>
  );
}

const styles = StyleSheet.create({ log: { paddingHorizontal: SPACE.s, minHeight: 44 } });
