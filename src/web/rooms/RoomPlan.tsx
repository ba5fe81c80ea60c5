import { Box, chakra } from '@chakra-ui/react';
import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import { footprint, lastSquare, type Equipment } from '../../core/room';
import { shortName, thingIcons } from './thing-icons';

/** Units of the drawing a square takes. */
const square = 30;

const Movable = chakra('g', {
  base: {
    outline: 'none',
    '&:focus-visible rect': { stroke: 'glass', strokeWidth: 3 },
  },
});

interface RoomPlanProps {
  equipment: readonly Equipment[];
  chosen: string | null;
  /** Null: for paper, nothing moves. */
  edit: { onChoose(id: string): void; onMove(id: string, to: { x: number; y: number } | null): void } | null;
}

type Drawn = Equipment & { x: number; y: number };
const isDrawn = (one: Equipment): one is Drawn => one.x !== null && one.y !== null;

/** The plan of a room on squares of half a metre: what stands where, to be moved with the mouse or the arrow keys. */
export function RoomPlan({ equipment, chosen, edit }: RoomPlanProps) {
  const drawn = equipment.filter(isDrawn);
  const end = (of: 'x' | 'y', side: 'wide' | 'deep', least: number) =>
    Math.min(
      60,
      Math.max(least, ...drawn.map((one) => one[of] + footprint(one.kind)[side] + (edit ? 2 : 0))),
    );
  const [across, deep] = [end('x', 'wide', 20), end('y', 'deep', 12)];
  // Stations lie under what stands on them.
  const order = [...drawn].sort((a, b) => Number(b.kind === 'station') - Number(a.kind === 'station'));
  return (
    <Box
      as="svg"
      role="group"
      aria-label="Plan of the room"
      css={{
        display: 'block',
        width: '100%',
        maxWidth: `${across * 34}px`,
        height: 'auto',
        fontSize: '11px',
      }}
      {...{ viewBox: `-1 -1 ${across * square + 2} ${deep * square + 2}` }}
    >
      <defs>
        <pattern id="squares" width={square} height={square} patternUnits="userSpaceOnUse">
          <path
            d={`M ${square} 0 L 0 0 0 ${square}`}
            fill="none"
            stroke="var(--chakra-colors-rule)"
            strokeWidth="0.7"
          />
        </pattern>
      </defs>
      <rect
        width={across * square}
        height={deep * square}
        fill="url(#squares)"
        stroke="var(--chakra-colors-ink)"
        strokeWidth="2"
      />
      {order.map((one) => (
        <Thing key={one.id} {...{ one, edit }} chosen={one.id === chosen} />
      ))}
    </Box>
  );
}

const steps: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

function within(one: Drawn, x: number, y: number) {
  const last = lastSquare(one.kind);
  return { x: Math.max(0, Math.min(last.x, x)), y: Math.max(0, Math.min(last.y, y)) };
}

function Thing({ one, chosen, edit }: { one: Drawn; chosen: boolean; edit: RoomPlanProps['edit'] }) {
  const { by, handlers } = useMoved(one, edit);
  const { wide, deep } = footprint(one.kind);
  const Icon = thingIcons[one.kind];
  const station = one.kind === 'station';
  const words = station ? String(one.number) : shortName(one.name);
  const onKeyDown = (event: KeyboardEvent) => {
    const step = steps[event.key];
    if (step) {
      event.preventDefault();
      edit?.onMove(one.id, within(one, one.x + step[0], one.y + step[1]));
    } else if (event.key === 'Delete' || event.key === 'Backspace') {
      event.preventDefault();
      edit?.onMove(one.id, null);
    } else if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault();
      edit?.onChoose(one.id);
    }
  };
  return (
    <Movable
      transform={`translate(${one.x * square + by.x} ${one.y * square + by.y})`}
      style={{ cursor: edit ? 'grab' : 'default' }}
      {...(edit && {
        ...{ role: 'button', tabIndex: 0, 'aria-pressed': chosen, onKeyDown, ...handlers },
        'aria-label': `${one.name}, square ${one.x + 1} across, ${one.y + 1} down. Arrow keys move it, Enter opens it, Delete takes it off the plan.`,
      })}
      data-thing={one.id}
    >
      <title>{one.name}</title>
      <rect
        {...{ x: 1.5, y: 1.5, width: wide * square - 3, height: deep * square - 3, rx: 4 }}
        fill={
          chosen
            ? 'var(--chakra-colors-tawny-wash)'
            : station
              ? 'var(--chakra-colors-paper)'
              : 'var(--chakra-colors-raised)'
        }
        stroke={chosen ? 'var(--chakra-colors-tawny)' : 'var(--chakra-colors-strong-rule)'}
        strokeWidth={chosen ? 2 : 1.2}
      />
      {station ? (
        <text
          {...{ x: (wide * square) / 2, y: (deep * square) / 2 + 8, textAnchor: 'middle' }}
          style={{ fontSize: '22px', fontWeight: 700 }}
          fill="var(--chakra-colors-ink)"
        >
          {words}
        </text>
      ) : (
        <>
          <Icon x={3} y={3} width={15} height={15} color="var(--chakra-colors-tawny-deep)" aria-hidden />
          <text
            {...{ x: square - 4, y: square - 5, textAnchor: 'end' }}
            fill="var(--chakra-colors-ink)"
            fontWeight="600"
          >
            {words}
          </text>
        </>
      )}
    </Movable>
  );
}

/** How far a thing is dragged, in units of the drawing; let go, it stands on the nearest square. */
function useMoved(one: Drawn, edit: RoomPlanProps['edit']) {
  const [drag, setDrag] = useState<{ from: { x: number; y: number }; by: { x: number; y: number } } | null>(
    null,
  );
  const at = (event: PointerEvent<SVGGElement>) => {
    const svg = event.currentTarget.ownerSVGElement!;
    const box = svg.getBoundingClientRect();
    const scale = svg.viewBox.baseVal.width / box.width;
    return { x: (event.clientX - box.left) * scale, y: (event.clientY - box.top) * scale };
  };
  const handlers = {
    onPointerDown(event: PointerEvent<SVGGElement>) {
      if (event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      setDrag({ from: at(event), by: { x: 0, y: 0 } });
    },
    onPointerMove(event: PointerEvent<SVGGElement>) {
      if (!drag) return;
      const now = at(event);
      setDrag({ ...drag, by: { x: now.x - drag.from.x, y: now.y - drag.from.y } });
    },
    onPointerUp() {
      if (!drag) return;
      const to = within(one, Math.round(one.x + drag.by.x / square), Math.round(one.y + drag.by.y / square));
      if (to.x !== one.x || to.y !== one.y) edit?.onMove(one.id, to);
      edit?.onChoose(one.id);
      setDrag(null);
    },
    onPointerCancel: () => setDrag(null),
  };
  return { by: drag?.by ?? { x: 0, y: 0 }, handlers };
}
