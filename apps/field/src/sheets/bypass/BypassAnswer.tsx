import type { BypassOpening, BypassSheet } from '@proper-swing/core/sheets';
import { CAUTIONS } from '@proper-swing/core/sliding/tables/cautions';
import { View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import type { LengthWords } from '../../design/lengthWords';
import { Slip } from '../../design/Section';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { AnswerLine, Headline, type AnswerProps } from '../AnswerLine';
import { alignSays, bypassSays } from './says';

/** Overlap, floor guides, length, and what brings the feet level. */
export function BypassAnswer({ result, request, words, width }: AnswerProps<BypassSheet, BypassOpening>) {
  const { heightMm, playMm, align, guidesMm, cutHeightMm, warnings } = result;
  return (
    <>
      <Headline>{bypassSays(result, words)}</Headline>
      <BypassDrawing sheet={result} request={request} words={words} width={width} />
      {warnings.map((each) => (
        <Words key={each} tone="tight" testID="bypass-warning">
          {each}
        </Words>
      ))}
      {guidesMm.map((each, i) => (
        <AnswerLine
          key={each}
          label={guidesMm.length === 1 ? 'Floor guide from the left leg' : `Floor guide ${i + 1} from the left leg`}
          figure={words.withUnit(each)}
        />
      ))}
      {align !== undefined && <Words testID="bypass-align">{`${alignSays(align)}.`}</Words>}
      {playMm !== undefined && <AnswerLine label="Play in the guide, each side" figure={words.withUnit(playMm)} />}
      {heightMm !== undefined && <AnswerLine label="Height that a panel should have" figure={words.withUnit(heightMm)} />}
      <Slip label="Take care">
        <Words>{CAUTIONS.support}</Words>
        <Words>{CAUTIONS.cables}</Words>
        {(cutHeightMm ?? 0) > 0 && <Words>{CAUTIONS.eyes}</Words>}
      </Slip>
    </>
  );
}

const HEIGHT = 130;
const PANEL_PX = 18;
const FIRST_Y = 34;
/** From one track to the next, px. */
const TRACK_PX = 30;
const LEG_PX = 20;

/** The panels from above, shut, each on its track, with the guides where they overlap. */
function BypassDrawing({
  sheet: { overlapMm, guidesMm },
  request: { panels, panelWidthMm },
  words,
  width,
}: {
  sheet: BypassSheet;
  request: BypassOpening;
  words: LengthWords;
  width: number;
}) {
  const palette = usePalette();
  const [left, right] = [34, width - 34];
  const openingMm = panels * panelWidthMm - (panels - 1) * overlapMm;
  const x = (mm: number) => left + (mm / openingMm) * (right - left);
  const y = (panel: number) => FIRST_Y + (panel % 2) * TRACK_PX;
  return (
    <View role="img" aria-label={`Bypass door from above: ${panels} panels that overlap by ${words.withUnit(overlapMm)}`}>
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="bypass" />
        {[left - LEG_PX - 4, right + 4].map((leg) => (
          <Box
            key={leg}
            left={leg}
            top={16}
            width={LEG_PX}
            height={74}
            fill={timberOf('bypass')}
            stroke={palette.ink}
            strokeWidth={LINE.rule}
          />
        ))}
        {Array.from({ length: panels }, (_, i) => (
          <Box
            key={i}
            left={x(i * (panelWidthMm - overlapMm))}
            top={y(i)}
            width={x(panelWidthMm) - left}
            height={PANEL_PX}
            fill={palette.slab}
            stroke={palette.ink}
            strokeWidth={2}
          />
        ))}
        {guidesMm.map((each) => (
          <G key={each}>
            <Path
              d={`M${x(each)} ${FIRST_Y - 8} V${FIRST_Y + TRACK_PX + PANEL_PX + 8}`}
              stroke={palette.accent}
              strokeWidth={LINE.rule}
              strokeDasharray="4 3"
            />
            <Circle cx={x(each)} cy={FIRST_Y + TRACK_PX - 6} r={5} fill={palette.accent} />
          </G>
        ))}
        <DrawnWords x={width / 2} y={HEIGHT - 14} tone="pencil" anchor="middle">
          {`overlap ${words.withUnit(overlapMm)}`}
        </DrawnWords>
      </Svg>
    </View>
  );
}
