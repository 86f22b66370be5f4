import type { PanelToSet, RollerTurns } from '@proper-swing/core/sheets';
import { rolls } from '@proper-swing/core/sliding/card/panel';
import { View } from 'react-native';
import Svg, { Circle, G, Path } from 'react-native-svg';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import type { LengthWords } from '../../design/lengthWords';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { endWords } from './says';

const HEIGHT = 300;
const JAMB = 22;
const TOP = 34;
const FOOT = 58;
/** A millimetre of gap is drawn so many px wide. */
const WIDENED = 2.2;
const MOST_PX = 46;

const widened = (mm: number) => Math.max(2, Math.min(MOST_PX, mm * WIDENED));

/** The panel short of its jamb, its gaps widened: what to turn at each end, and what then is read. */
export function PanelDrawing({ turns, panel, width, words }: { turns: RollerTurns; panel: PanelToSet; width: number; words: LengthWords }) {
  const palette = usePalette();
  const { lead, trail } = turns;
  const isHung = !rolls(panel);
  const left = JAMB + 4;
  const top = left + widened(panel.jambTopMm);
  const foot = left + widened(panel.jambFootMm);
  const right = width - 70;
  const panelTop = TOP + 18;
  const floor = HEIGHT - FOOT;
  const leadUp = widened(panel.footLeadMm);
  const trailUp = widened(panel.footTrailMm);
  const wheels = [
    { at: foot + 26, y: isHung ? panelTop - 9 : floor - 9, end: lead },
    { at: right - 26, y: isHung ? panelTop - 9 : floor - 9, end: trail },
  ];
  const spoken = `Panel: closing gap ${words.withUnit(panel.jambTopMm)} at the top, ${words.withUnit(panel.jambFootMm)} at the foot. Closing end ${endWords(lead.quarters)}, other end ${endWords(trail.quarters)}.`;
  return (
    <View role="img" aria-label={spoken}>
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="panel" />
        <Box
          left={2}
          top={TOP - 12}
          width={JAMB}
          height={floor - TOP + 24}
          fill={timberOf('panel')}
          stroke={palette.ink}
          strokeWidth={LINE.rule}
        />
        <Path d={`M2 ${TOP - 4} H${width - 6} M2 ${floor} H${width - 6}`} stroke={palette.ink} strokeWidth={LINE.bold} />
        <Path
          d={`M${top} ${panelTop} L${right - (foot - top)} ${panelTop} L${right} ${floor - trailUp} L${foot} ${floor - leadUp} Z`}
          fill={palette.slab}
          stroke={palette.ink}
          strokeWidth={2}
        />
        {wheels.map(({ at, y, end }) => (
          <G key={at}>
            <Circle cx={at} cy={y} r={9} fill={palette.paper} stroke={palette.ink} strokeWidth={LINE.rule} />
            {end.quarters !== 0 && (
              <Path
                d={`M${at} ${(panelTop + floor) / 2 + 50} v${end.quarters > 0 ? -46 : 46} m-8 ${end.quarters > 0 ? 12 : -12} l8 ${end.quarters > 0 ? -12 : 12} l8 ${end.quarters > 0 ? 12 : -12}`}
                stroke={palette.accent}
                strokeWidth={3}
                fill="none"
              />
            )}
          </G>
        ))}
        <DrawnWords x={top + 8} y={panelTop + 22} isBold>
          {words.bare(panel.jambTopMm)}
        </DrawnWords>
        <DrawnWords x={foot + 8} y={floor - leadUp - 22} isBold>
          {words.bare(panel.jambFootMm)}
        </DrawnWords>
        <DrawnWords x={foot + 40} y={(panelTop + floor) / 2 - 14} isBold>
          {endWords(lead.quarters)}
        </DrawnWords>
        <DrawnWords x={right - 40} y={(panelTop + floor) / 2 + 18} anchor="end" isBold>
          {endWords(trail.quarters)}
        </DrawnWords>
        <DrawnWords x={foot} y={HEIGHT - 36} tone="pencil">
          {`closing end ${words.bare(panel.footLeadMm)} → ${words.bare(lead.footMm)}`}
        </DrawnWords>
        <DrawnWords x={right + 64} y={HEIGHT - 12} anchor="end" tone="pencil">
          {`other end ${words.bare(panel.footTrailMm)} → ${words.bare(trail.footMm)} ${words.unit}`}
        </DrawnWords>
      </Svg>
    </View>
  );
}
