import { useState, type PointerEvent } from 'react';
import type { Plan } from '../../core/practical';
import type { Bar } from '../../core/timetable';
import { laneHeight, type Minutes, type SayMinute } from './drawing-scale';

/** Holds a step at a minute, at stations or, with null, where it is done once for all. */
export type Hold = (stepId: string, stations: readonly (number | null)[], startMin: number) => void;

const ink = 'var(--chakra-colors-ink)';
const fills: Record<Bar['kind'], string> = {
  briefing: 'var(--chakra-colors-rule)',
  opening: 'var(--chakra-colors-rule)',
  step: 'var(--chakra-colors-tawny)',
  call: 'var(--chakra-colors-ember)',
  wash: 'var(--chakra-colors-glass)',
  clearing: 'var(--chakra-colors-rule)',
};
const shortWords: Partial<Record<Bar['kind'], string>> = {
  briefing: 'briefing',
  opening: 'begin',
  clearing: 'clear',
};
/** A hand that shakes is no drag, units of the drawing. */
const leastDrag = 3;

interface BarMarkProps {
  bar: Bar;
  x: Minutes;
  y: number;
  plan: Plan;
  say: SayMinute;
  /** Null: it stays where it is. */
  onHold: Hold | null;
  /** How high its lane is. */
  height?: number;
  /** What stands on it: the number of its step, or of its station. */
  names?: 'step' | 'station';
}

/** A bar from minute to minute with the number of its step, to be dragged; a call is a notch at the end of its step. */
export function BarMark({ bar, x, y, plan, say, onHold, height = laneHeight, names = 'step' }: BarMarkProps) {
  const { by, handlers } = useDragged(bar, x, onHold);
  const [from, to] = [x(bar.startMin) + by, x(bar.endMin) + by];
  const step = bar.kind === 'step';
  const waits = step && bar.hands === 'waiting';
  const call = bar.kind === 'call';
  const number = plan.steps.findIndex(({ id }) => id === bar.stepId) + 1;
  const words =
    names === 'station' && bar.lane.kind === 'station'
      ? String(bar.lane.number)
      : step
        ? String(number)
        : (shortWords[bar.kind] ?? '');
  const wide = to - from > 9 * Math.max(1, words.length * 0.75);
  const waited = bar.startMin - bar.readyMin;
  const moves = step && onHold !== null;
  return (
    <g {...(moves && handlers)} style={moves ? { cursor: 'grab', touchAction: 'pan-y' } : {}}>
      <title>{tipOf(bar, number, say)}</title>
      {step && waited > 0 && by === 0 && (
        <rect
          {...{ x: x(bar.readyMin), width: Math.max(0, from - x(bar.readyMin) - 0.8), y: y + 4 }}
          height={height - 8}
          fill="var(--chakra-colors-tawny-wash)"
          stroke="var(--chakra-colors-amber)"
          strokeWidth="0.6"
        />
      )}
      <rect
        data-bar={bar.id}
        data-start={bar.startMin}
        data-end={bar.endMin}
        x={from}
        y={call ? y + height - 4 : y}
        width={Math.max(1, to - from - 0.8)}
        height={call ? 4 : height}
        rx="2.5"
        fill={waits ? 'url(#waiting)' : fills[bar.kind]}
        stroke={bar.held ? ink : waits ? 'var(--chakra-colors-strong-rule)' : 'none'}
        strokeWidth={bar.held ? 1.6 : 1}
      />
      {step && bar.slackMin === 0 && (
        <rect
          {...{ x: from, width: Math.max(1, to - from - 0.8), y: y + height - 2 }}
          height="2"
          fill={ink}
        />
      )}
      {step && by === 0 && <Looks {...{ bar, x, y, height }} />}
      {words && wide && (
        <text
          x={(from + to) / 2}
          y={y + height / 2 + 4}
          textAnchor="middle"
          fontWeight="600"
          pointerEvents="none"
          fill={(step && !waits) || bar.kind === 'wash' ? 'var(--chakra-colors-on-tawny)' : ink}
          {...(waits && { stroke: 'var(--chakra-colors-paper)', strokeWidth: 3, paintOrder: 'stroke' })}
        >
          {words}
        </text>
      )}
    </g>
  );
}

/** When to look early, as a notch; between which minutes something is done, as a line under the lane. */
function Looks({ bar, x, y, height }: { bar: Bar; x: Minutes; y: number; height: number }) {
  return (
    <g pointerEvents="none">
      {bar.lookMin !== null && bar.lookMin < bar.endMin && (
        <path d={`M${x(bar.lookMin) - 3.5} ${y} h7 l-3.5 6 z`} fill={ink} />
      )}
      {bar.windows.map(({ words, fromMin, untilMin }) => (
        <line
          key={words}
          x1={x(fromMin ?? bar.startMin)}
          x2={x(Math.min(untilMin ?? bar.endMin, x.domain()[1]!))}
          y1={y + height + 1.2}
          y2={y + height + 1.2}
          stroke="var(--chakra-colors-glass)"
          strokeWidth="2"
        />
      ))}
    </g>
  );
}

/** What a bar is, in words. */
function tipOf(bar: Bar, number: number, say: SayMinute): string {
  const waited = bar.startMin - bar.readyMin;
  return [
    `${number > 0 ? `${number}. ` : ''}${bar.words} (${say(bar.startMin)} to ${say(bar.endMin)})`,
    waited > 0 ? `waits ${waited} min for something shared` : '',
    bar.lookMin !== null ? `look early at ${say(bar.lookMin)}` : '',
    ...bar.windows.map(
      ({ words, fromMin, untilMin }) =>
        `${words}${fromMin === null ? '' : `, from ${say(fromMin)}`}${untilMin === null ? '' : `, no later than ${say(untilMin)}`}`,
    ),
    bar.slackMin === 0 ? 'on the way to the last end' : `may begin ${bar.slackMin} min later`,
  ]
    .filter(Boolean)
    .join('; ');
}

/**
 * How far a bar is dragged, in units of the drawing; let go, it is held at the minute where it is, and stays there until the
 * next timetable is drawn.
 */
function useDragged(bar: Bar, x: Minutes, onHold: Hold | null) {
  const [drag, setDrag] = useState<{ from: number; by: number; of: Bar; dropped: boolean } | null>(null);
  const mine = drag?.of === bar ? drag : null;
  const unitsOf = (event: PointerEvent<SVGGElement>) => {
    const box = event.currentTarget.ownerSVGElement!;
    return ((event.clientX - box.getBoundingClientRect().left) * box.viewBox.baseVal.width) / box.clientWidth;
  };
  const handlers = {
    onPointerDown(event: PointerEvent<SVGGElement>) {
      if (event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      setDrag({ from: unitsOf(event), by: 0, of: bar, dropped: false });
    },
    onPointerMove(event: PointerEvent<SVGGElement>) {
      if (mine && !mine.dropped) setDrag({ ...mine, by: unitsOf(event) - mine.from });
    },
    onPointerUp() {
      const held = mine && Math.abs(mine.by) > leastDrag && bar.stepId !== null;
      setDrag(held ? { ...mine, dropped: true } : null);
      if (!held) return;
      const station = bar.lane.kind === 'station' ? bar.lane.number : null;
      onHold?.(bar.stepId!, [station], x.invert(x(bar.startMin) + mine.by));
    },
    onPointerCancel: () => setDrag(null),
  };
  return { by: mine?.by ?? 0, handlers };
}
