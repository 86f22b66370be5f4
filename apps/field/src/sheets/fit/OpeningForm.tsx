import { StyleSheet, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { DRAWN_FIELD_PX, DrawnField } from '../../design/drawing/DrawnField';
import { Hatches, timberOf } from '../../design/drawing/Timber';
import { usePalette } from '../../design/theme';
import { LINE, SPACE } from '../../design/tokens';
import { Words } from '../../design/Words';
import { usePreferences } from '../../offline/preferences';
import type { HelperProps } from '../benchSheet';
import { readSheetGroups, type Typed } from '../typedSheet';
import { openingOf, SURVEY, type TypedOpening } from './openingFields';
import { openingShape, type DrawnBox } from './openingShape';
import { SurveyFiles } from './SurveyFiles';

const ABOVE = 70;
/** Room beside the opening, and on the narrowest telephones, px. */
const BESIDE = { usual: 92, narrow: 78, narrowBelow: 320 };
const UNDER = 24;
const ROW = DRAWN_FIELD_PX + 6;
const HEIGHT = ABOVE + 5 * ROW + SPACE.s + UNDER;

/** Where each figure is typed: the row it stands in, and the letters in it. */
interface Place {
  path: string;
  mark: string;
  column: 'hinge' | 'middle' | 'latch';
  row: number;
}

const PLACES: readonly Place[] = [
  { path: 'heights.hinge', mark: '↕', column: 'hinge', row: 0 },
  { path: 'heights.middle', mark: '↕', column: 'middle', row: 0 },
  { path: 'heights.latch', mark: '↕', column: 'latch', row: 0 },
  { path: 'levelHead', mark: 'head level', column: 'middle', row: 1 },
  { path: 'widths.top', mark: '↔ top', column: 'middle', row: 2 },
  { path: 'plumbHinge', mark: 'plumb', column: 'hinge', row: 2 },
  { path: 'plumbLatch', mark: 'plumb', column: 'latch', row: 2 },
  { path: 'widths.middle', mark: '↔ mid', column: 'middle', row: 3 },
  { path: 'straightHinge', mark: 'belly', column: 'hinge', row: 3 },
  { path: 'straightLatch', mark: 'belly', column: 'latch', row: 3 },
  { path: 'widths.foot', mark: '↔ foot', column: 'middle', row: 4 },
  { path: 'levelFloor', mark: 'floor level', column: 'middle', row: 5 },
];

/** The drawing is the form: each figure is typed where it is measured, and what is crooked shows, widened, as it is typed. */
export function OpeningForm({ typed, onType, words, errors, width }: HelperProps) {
  const palette = usePalette();
  const { units } = usePreferences();
  const beside = width < BESIDE.narrowBelow ? BESIDE.narrow : BESIDE.usual;
  const box = { left: beside, right: width - beside, top: ABOVE, bottom: HEIGHT - UNDER };
  const { outline, scale } = shapeOf(typed, units, box);
  const labelled = new Map(SURVEY.fields.map((field) => [field.path, field]));
  const x = { hinge: beside / 2, middle: width / 2, latch: width - beside / 2 };
  const faults = [
    ...new Set(PLACES.flatMap(({ path }) => (errors[path] === undefined ? [] : [`${labelled.get(path)?.label ?? ''}: ${errors[path]}`]))),
  ];
  return (
    <View style={styles.block}>
      <View
        style={{ width, height: HEIGHT }}
        role="group"
        aria-label={`The opening, drawn with what is crooked widened ${Math.round(scale)} times`}
      >
        <Svg width={width} height={HEIGHT} aria-hidden>
          <Hatches id="survey" />
          <Path
            d={`M0 ${ABOVE - 8} H${width} V${HEIGHT} H0 Z ${outline}`}
            fill={timberOf('survey')}
            fillRule="evenodd"
            stroke={palette.ink}
            strokeWidth={LINE.bold}
          />
        </Svg>
        {PLACES.map(({ path, mark, column, row }) => (
          <DrawnField
            key={path}
            spoken={`${labelled.get(path)?.label ?? ''}, ${words.unit}`}
            mark={mark}
            value={typed[path] ?? ''}
            onChange={(text) => onType(path, text)}
            isWrong={errors[path] !== undefined}
            signed={labelled.get(path)?.signed === true}
            x={x[column]}
            y={row === 0 ? DRAWN_FIELD_PX / 2 + 2 : ABOVE + SPACE.s + (row - 0.5) * ROW}
            width={column === 'middle' && row > 0 ? Math.min(150, width - 2 * beside - 28) : beside - 8}
            testID={`field-${path}`}
          />
        ))}
      </View>
      {faults.map((fault) => (
        <Words key={fault} tone="tight" testID="survey-fault">
          {fault}
        </Words>
      ))}
      <Words kind="small" tone="pencil">
        Hinge side on the left. Plumb: + top toward the latch side. Belly: + toward the latch side. Level: + latch end lower.
      </Words>
      <SurveyFiles typed={typed} onType={onType} words={words} />
    </View>
  );
}

/** The opening as far as it is typed: what cannot be read yet is left out, what is not there is taken as square. */
function shapeOf(typed: Typed, units: 'mm' | 'in', box: DrawnBox) {
  const read: Partial<TypedOpening> = readSheetGroups([SURVEY], typed, units).tree;
  const opening = openingOf({
    ...read,
    widths: read.widths ?? { middle: SQUARE.wideMm },
    heights: read.heights ?? { middle: SQUARE.tallMm },
  });
  return openingShape(opening, [], box);
}

/** An opening before anything is typed. */
const SQUARE = { wideMm: 770, tallMm: 1995 };

const styles = StyleSheet.create({ block: { gap: SPACE.s } });
