import { Box } from '@chakra-ui/react';
import type { Plan } from '../../core/practical';
import type { LessonTimetable, Load, Odds } from '../../core/timetable';
import { BarMark, type Hold } from './BarMark';
import { sharedName } from './timetable-words';
import {
  bandHeight,
  fullLoads,
  laneGap,
  laneHeight,
  lastMinute,
  left,
  minutesScale,
  ovenLoads,
  stationLanes,
  width,
  type Minutes,
} from './drawing-scale';

interface DrawingProps {
  plan: Plan;
  timetable: LessonTimetable;
  odds: Odds | null;
  onHold: Hold;
}

const ink = 'var(--chakra-colors-ink)';
const soft = 'var(--chakra-colors-soft)';
const top = 34;

/** The lesson from bell to bell: a lane a station, what the ovens hold, what is all taken. */
export function TimetableDrawing({ plan, timetable, odds, onHold }: DrawingProps) {
  const bell = plan.periodMinutes;
  const x = minutesScale(lastMinute(timetable, bell, odds));
  const lanes = stationLanes(timetable);
  const common = timetable.bars.filter(({ lane }) => lane.kind !== 'station');
  const commonAt = top;
  const lanesAt = commonAt + laneHeight + laneGap;
  const ovens = timetable.ovens.filter(({ spans }) => spans.length > 0);
  const loads = fullLoads(timetable);
  const ovensAt = lanesAt + lanes.length * (laneHeight + laneGap) + 6;
  const loadsAt = ovensAt + ovens.length * (bandHeight + laneGap) + (ovens.length > 0 ? 4 : 0);
  const height = loadsAt + loads.length * (bandHeight + laneGap) + 4;
  const over = timetable.endsMin > bell;
  return (
    <Box overflowX="auto" tabIndex={0} role="group" aria-label="Drawing of the timetable">
      <Box
        as="svg"
        role="img"
        aria-label={`Timetable of ${lanes.length} stations: the last has cleared up at ${timetable.endsMin} min, the bell is at ${bell} min`}
        css={{ display: 'block', width: '100%', minWidth: '560px', height: 'auto', fontSize: '11px' }}
        {...{ viewBox: `0 0 ${width} ${height}` }}
      >
        <defs>
          <pattern
            id="waiting"
            width="7"
            height="7"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width="7" height="7" fill="var(--chakra-colors-paper)" />
            <rect width="3" height="7" fill="var(--chakra-colors-strong-rule)" />
          </pattern>
        </defs>
        <MinuteLines x={x} height={height} bell={bell} />
        <Name y={commonAt} height={laneHeight} words="all together" />
        {common.map((bar) => (
          <BarMark key={bar.id} {...{ bar, x, plan, onHold }} y={commonAt} />
        ))}
        {lanes.map(({ number, bars }, i) => {
          const y = lanesAt + i * (laneHeight + laneGap);
          return (
            <g key={number}>
              <Name y={y} height={laneHeight} words={`station ${number}`} />
              {bars.map((bar) => (
                <BarMark key={bar.id} {...{ bar, x, plan, y, onHold }} />
              ))}
            </g>
          );
        })}
        {ovens.map((oven, i) => (
          <OvenBand key={oven.name} oven={oven} x={x} y={ovensAt + i * (bandHeight + laneGap)} />
        ))}
        {loads.map((load, i) => (
          <LoadBand key={load.kind} load={load} x={x} y={loadsAt + i * (bandHeight + laneGap)} />
        ))}
        {odds && <EndBand odds={odds} x={x} />}
        <line
          {...{ x1: x(bell), x2: x(bell), y1: 16, y2: height }}
          stroke={over ? 'var(--chakra-colors-ember)' : ink}
          strokeWidth="2"
        />
        <text
          x={x(bell)}
          y={12}
          textAnchor="end"
          fontWeight="bold"
          fill={over ? 'var(--chakra-colors-ember)' : ink}
        >
          bell, {bell} min
        </text>
      </Box>
    </Box>
  );
}

function MinuteLines({ x, height, bell }: { x: Minutes; height: number; bell: number }) {
  return x.ticks(8).map((minute) => (
    <g key={minute}>
      <line {...{ x1: x(minute), x2: x(minute), y1: 28, y2: height }} stroke="var(--chakra-colors-rule)" />
      {Math.abs(x(minute) - x(bell)) > 12 && (
        <text x={x(minute)} y={25} textAnchor="middle" fill={soft}>
          {minute}
        </text>
      )}
    </g>
  ));
}

function Name({ y, height, words }: { y: number; height: number; words: string }) {
  return (
    <text x={left - 8} y={y + height / 2 + 4} textAnchor="end" fill={soft}>
      {words}
    </text>
  );
}

/** What is in an oven, as high as it is full, with its temperature. */
function OvenBand({ oven, x, y }: { oven: LessonTimetable['ovens'][number]; x: Minutes; y: number }) {
  const loads = ovenLoads(oven);
  return (
    <g>
      <Name y={y} height={bandHeight} words={oven.name} />
      <rect
        {...{ x: left, y, width: width - left - 14, height: bandHeight }}
        fill="none"
        stroke="var(--chakra-colors-rule)"
      />
      {loads.map(({ fromMin, toMin, celsius, taken }, i) => {
        const full = Math.min(1, taken / oven.places);
        const [from, to] = [x(fromMin), x(toMin)];
        const again = loads[i - 1]?.celsius === celsius && loads[i - 1]?.toMin === fromMin;
        return (
          <g key={fromMin}>
            <title>{`${oven.name}: ${taken} of ${oven.places} places at ${celsius} °C, ${fromMin} to ${toMin} min`}</title>
            <rect
              {...{ x: from, width: to - from, height: bandHeight * full }}
              y={y + bandHeight * (1 - full)}
              fill="var(--chakra-colors-tawny-wash)"
              stroke="var(--chakra-colors-tawny)"
              strokeWidth="0.6"
            />
            {!again && (
              <text x={from + 4} y={y + bandHeight - 5} fill={ink}>
                {celsius} °C
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** How many of something are in use; where all are, it is dark. */
function LoadBand({ load: { kind, units, points }, x, y }: { load: Load; x: Minutes; y: number }) {
  const words = sharedName(kind);
  return (
    <g>
      <Name y={y} height={bandHeight} words={`${units} ${words}`} />
      {points.slice(0, -1).map(({ fromMin, taken }, i) => {
        const share = Math.min(1, taken / units);
        return (
          <rect
            key={fromMin}
            x={x(fromMin)}
            width={x(points[i + 1]!.fromMin) - x(fromMin)}
            y={y + bandHeight * (1 - share)}
            height={bandHeight * share}
            fill={share === 1 ? 'var(--chakra-colors-strong-rule)' : 'var(--chakra-colors-rule)'}
          >
            <title>{`${taken} of ${units} ${words} in use from ${fromMin} min`}</title>
          </rect>
        );
      })}
    </g>
  );
}

/** Where the ends of a thousand lessons lie: five to ninety-five of a hundred, and the middle one. */
function EndBand({ odds: { ends }, x }: { odds: Odds; x: Minutes }) {
  const [, last] = x.domain();
  const at = (minute: number) => x(Math.min(minute, last!));
  return (
    <g>
      <title>{`Of a hundred such lessons ninety end between ${Math.round(ends.p5)} and ${Math.round(ends.p95)} min`}</title>
      <rect
        {...{ x: at(ends.p5), width: Math.max(2, at(ends.p95) - at(ends.p5)), y: 28, height: 4 }}
        fill="var(--chakra-colors-moss)"
      />
      <line
        {...{ x1: at(ends.p50), x2: at(ends.p50), y1: 25, y2: 34 }}
        stroke="var(--chakra-colors-moss)"
        strokeWidth="3"
      />
    </g>
  );
}
