import type { HingeLoads, LoadedHinges } from '@proper-swing/core/sheets';
import { THREAD_SHARE } from '@proper-swing/core';
import { View } from 'react-native';
import Svg, { G, Path } from 'react-native-svg';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { Hatches, timberOf } from '../../design/drawing/Timber';

const HEIGHT = 250;
const DOOR_WIDTH = 84;
const TOP = 14;
const FOOT = 12;
const LONGEST_ARROW = 48;

/** The slab with the pull on each hinge, and a section through the jamb with both screws to scale. */
export function LoadDrawing({ loads: { hinges }, door, width }: { loads: HingeLoads; door: LoadedHinges; width: number }) {
  const palette = usePalette();
  const most = Math.max(...hinges.map(({ pullN }) => Math.abs(pullN)));
  const y = (mm: number) => TOP + (mm / door.slabHeightMm) * (HEIGHT - TOP - FOOT);
  const slabLeft = 66;
  const sectionLeft = slabLeft + DOOR_WIDTH + 34;
  return (
    <View
      role="img"
      aria-label={`Pull on the hinges from the top: ${hinges.map(({ pullN }) => `${Math.round(pullN)} newtons`).join(', ')}`}
    >
      <Svg width={width} height={HEIGHT} aria-hidden>
        <Hatches id="load" />
        <Box
          left={slabLeft}
          top={TOP}
          width={DOOR_WIDTH}
          height={HEIGHT - TOP - FOOT}
          fill={palette.slab}
          stroke={palette.ink}
          strokeWidth={2}
        />
        {hinges.map(({ atMm, pullN }) => {
          const long = (Math.abs(pullN) / most) * LONGEST_ARROW;
          const away = pullN > 0;
          const tip = away ? slabLeft + long : slabLeft - long;
          const back = away ? -6 : 6;
          return (
            <G key={atMm}>
              <Box
                left={slabLeft - 4}
                top={y(atMm) - 9}
                width={8}
                height={18}
                fill={palette.paper}
                stroke={palette.ink}
                strokeWidth={LINE.rule}
              />
              {long > 3 && (
                <Path
                  d={`M${slabLeft} ${y(atMm)} H${tip} m${back} -5 L${tip} ${y(atMm)} l${back} 5`}
                  stroke={palette.tight}
                  strokeWidth={LINE.bold}
                  fill="none"
                />
              )}
              <DrawnWords x={slabLeft - 10} y={y(atMm) - 12} anchor="end" isBold>
                {`${Math.abs(Math.round(pullN))} N`}
              </DrawnWords>
            </G>
          );
        })}
        <ScrewSection door={door} left={sectionLeft} width={width - sectionLeft - 4} />
      </Svg>
    </View>
  );
}

function ScrewSection({ door, left, width }: { door: LoadedHinges; left: number; width: number }) {
  const palette = usePalette();
  const { behind, leafMm, short, long } = door;
  const deepest = Math.max(long.lengthMm + 6, leafMm + behind.jambMm + behind.spaceMm + 30);
  const scale = width / deepest;
  const jamb = left + leafMm * scale;
  const air = jamb + behind.jambMm * scale;
  const framing = air + behind.spaceMm * scale;
  const screw = (lengthMm: number, y: number) => (
    <G>
      <Path d={`M${left} ${y - 7} L${left + 5} ${y} L${left} ${y + 7} Z`} fill={palette.ink} />
      <Path d={`M${left} ${y} h${lengthMm * scale}`} stroke={palette.ink} strokeWidth={3} />
      <Path
        d={`M${left + lengthMm * (1 - THREAD_SHARE) * scale} ${y} h${lengthMm * THREAD_SHARE * scale}`}
        stroke={palette.ink}
        strokeWidth={8}
        strokeDasharray="2.5 2"
      />
    </G>
  );
  return (
    <G>
      <Box
        left={jamb}
        top={30}
        width={air - jamb}
        height={HEIGHT - 70}
        fill={timberOf('load')}
        stroke={palette.ink}
        strokeWidth={LINE.rule}
      />
      <Box
        left={framing}
        top={30}
        width={left + width - framing}
        height={HEIGHT - 70}
        fill={timberOf('load')}
        stroke={palette.ink}
        strokeWidth={LINE.rule}
      />
      <Box left={left} top={50} width={jamb - left} height={HEIGHT - 110} fill={palette.ink} />
      {screw(short.lengthMm, 90)}
      {screw(long.lengthMm, 150)}
      <DrawnWords x={(jamb + air) / 2} y={HEIGHT - 22} anchor="middle" tone="pencil">
        jamb
      </DrawnWords>
      <DrawnWords x={(framing + left + width) / 2} y={HEIGHT - 22} anchor="middle" tone="pencil">
        framing
      </DrawnWords>
      <DrawnWords x={left + width} y={20} anchor="end" tone="pencil">
        short and long
      </DrawnWords>
    </G>
  );
}
