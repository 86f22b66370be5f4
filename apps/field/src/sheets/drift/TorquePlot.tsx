import type { Drift } from '@proper-swing/core/sheets';
import { Circle, Path } from 'react-native-svg';
import { usePalette } from '../../design/theme';
import { LINE } from '../../design/tokens';
import { Box } from '../../design/drawing/Box';
import { DrawnWords } from '../../design/drawing/DrawnWords';
import { lineThrough, Plot, ticksBetween } from '../../design/drawing/Plot';

/** Gravity over the opening angle against the band of friction: inside the band the door stays. Dashed, with the hinge line plumb. */
export function TorquePlot({ drift, width }: { drift: Drift; width: number }) {
  const palette = usePalette();
  const { torque, friction, cures, halfOpen } = drift;
  const held = friction.meanNm;
  const withPins = held + cures.friction.pins.reduce((sum, { addsNm }) => sum + addsNm, 0);
  const last = torque.at(-1)?.atDeg ?? 90;
  const most = Math.max(held, withPins, ...torque.map(({ nm, plumbNm }) => Math.max(Math.abs(nm), Math.abs(plumbNm)))) * 1.15;
  const isThrown = (cures.geometry[0]?.mm ?? 0) >= 0.2;
  return (
    <Plot
      width={width}
      height={280}
      x={{ from: 0, to: last, ticks: ticksBetween(0, last, 6), write: (deg) => `${deg}°` }}
      y={{ from: -most, to: most, ticks: ticksBetween(-most, most, 4), write: (nm) => String(Math.abs(nm)) }}
      yTitle="N·m: above opens it, below closes it"
      spoken={`Torque over the opening angle. Friction holds up to ${held.toFixed(2)} newton metres; gravity reaches ${drift.mostTorqueNm.toFixed(2)}`}
    >
      {({ x, y }) => (
        <>
          {withPins > held && (
            <Path
              d={`M${x(0)} ${y(withPins)} H${x(last)} M${x(0)} ${y(-withPins)} H${x(last)}`}
              stroke={palette.pencil}
              strokeWidth={LINE.rule}
              strokeDasharray="2 4"
            />
          )}
          <Box left={x(0)} top={y(held)} width={x(last) - x(0)} height={y(-held) - y(held)} fill={palette.timber} fillOpacity={0.75} />
          <Path d={`M${x(0)} ${y(0)} H${x(last)}`} stroke={palette.ink} strokeWidth={LINE.hair} />
          {isThrown && (
            <Path
              d={lineThrough(torque.map(({ atDeg, plumbNm }) => ({ x: x(atDeg), y: y(plumbNm) })))}
              stroke={palette.right}
              strokeWidth={LINE.bold}
              strokeDasharray="7 4"
              fill="none"
            />
          )}
          <Path
            d={lineThrough(torque.map(({ atDeg, nm }) => ({ x: x(atDeg), y: y(nm) })))}
            stroke={palette.ink}
            strokeWidth={3}
            fill="none"
          />
          <Circle cx={x(halfOpen.restDeg)} cy={y(0)} r={6} fill={palette.accent} stroke={palette.paper} strokeWidth={2} />
          <DrawnWords x={x(last) - 6} y={y(-held) - 8} anchor="end">
            friction holds it
          </DrawnWords>
          {withPins > held && (
            <DrawnWords x={x(last) - 6} y={y(-withPins) - 6} anchor="end" tone="pencil">
              with bent pins
            </DrawnWords>
          )}
          {isThrown && (
            <DrawnWords x={x(last * 0.04)} y={y(torque[1]?.plumbNm ?? 0) + 20} tone="right">
              hinge thrown
            </DrawnWords>
          )}
          <DrawnWords x={x(last * 0.04)} y={y(torque[0]?.nm ?? 0) + ((torque[0]?.nm ?? 0) >= 0 ? -8 : 20)} isBold>
            as it hangs
          </DrawnWords>
        </>
      )}
    </Plot>
  );
}
