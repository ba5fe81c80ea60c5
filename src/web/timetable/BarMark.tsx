import { useState, type PointerEvent } from 'react';
import type { Plan } from '../../core/practical';
import type { Bar } from '../../core/timetable';
import { laneHeight, type Minutes } from './drawing-scale';

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
/** A hand that shakes is no drag, units of the drawing. */
const leastDrag = 3;

interface BarMarkProps {
  bar: Bar;
  x: Minutes;
  y: number;
  plan: Plan;
  onHold: Hold;
}

/** A bar from minute to minute with the number of its step, to be dragged; a call is a notch at the end of its step. */
export function BarMark({ bar, x, y, plan, onHold }: BarMarkProps) {
  const { by, handlers } = useDragged(bar, x, onHold);
  const [from, to] = [x(bar.startMin) + by, x(bar.endMin) + by];
  const waits = bar.kind === 'step' && bar.hands === 'waiting';
  const call = bar.kind === 'call';
  const number = plan.steps.findIndex(({ id }) => id === bar.stepId) + 1;
  const words = call ? '' : number > 0 ? String(number) : bar.kind === 'clearing' ? 'clear' : bar.kind;
  const wide = to - from > 9 * Math.max(1, words.length * 0.75);
  return (
    <g
      {...(bar.kind === 'step' && handlers)}
      style={bar.kind === 'step' ? { cursor: 'grab', touchAction: 'pan-y' } : {}}
    >
      <title>{`${number > 0 ? `${number}. ` : ''}${bar.words} (${bar.startMin} to ${bar.endMin} min)`}</title>
      <rect
        data-bar={bar.id}
        data-start={bar.startMin}
        data-end={bar.endMin}
        x={from}
        y={call ? y + laneHeight - 4 : y}
        width={Math.max(1, to - from - 0.8)}
        height={call ? 4 : laneHeight}
        rx="2.5"
        fill={waits ? 'url(#waiting)' : fills[bar.kind]}
        stroke={bar.held ? ink : waits ? 'var(--chakra-colors-strong-rule)' : 'none'}
        strokeWidth={bar.held ? 1.6 : 1}
      />
      {words && wide && (
        <text
          x={(from + to) / 2}
          y={y + 11.5}
          textAnchor="middle"
          fontWeight="600"
          pointerEvents="none"
          fill={bar.kind === 'step' && !waits ? 'var(--chakra-colors-on-tawny)' : ink}
          {...(waits && { stroke: 'var(--chakra-colors-paper)', strokeWidth: 3, paintOrder: 'stroke' })}
        >
          {words}
        </text>
      )}
    </g>
  );
}

/** How far a bar is dragged, in units of the drawing; let go, it is held at the minute where it is. */
function useDragged(bar: Bar, x: Minutes, onHold: Hold) {
  const [drag, setDrag] = useState<{ from: number; by: number } | null>(null);
  const unitsOf = (event: PointerEvent<SVGGElement>) => {
    const box = event.currentTarget.ownerSVGElement!;
    return ((event.clientX - box.getBoundingClientRect().left) * box.viewBox.baseVal.width) / box.clientWidth;
  };
  const handlers = {
    onPointerDown(event: PointerEvent<SVGGElement>) {
      if (event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      setDrag({ from: unitsOf(event), by: 0 });
    },
    onPointerMove(event: PointerEvent<SVGGElement>) {
      if (drag) setDrag({ ...drag, by: unitsOf(event) - drag.from });
    },
    onPointerUp() {
      if (drag && Math.abs(drag.by) > leastDrag && bar.stepId !== null) {
        const station = bar.lane.kind === 'station' ? bar.lane.number : null;
        onHold(bar.stepId, [station], x.invert(x(bar.startMin) + drag.by));
      }
      setDrag(null);
    },
    onPointerCancel: () => setDrag(null),
  };
  return { by: drag?.by ?? 0, handlers };
}
