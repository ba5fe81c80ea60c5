import { Box, chakra, Flex, Heading } from '@chakra-ui/react';
import type { Run } from '../../contract/runs';
import { listed } from '../../core/format';
import type { PrepWays } from '../../core/order';
import { codesOf, trayOf, type Tray, type TrayItem } from '../../core/prep';
import { treatmentAt, type BenchSetting } from '../../core/run';

interface TrayPictureProps {
  run: Run;
  setting: BenchSetting;
  ways: PrepWays;
  station: number;
  onStation(station: number): void;
}

const Pick = chakra('button', {
  base: {
    minW: '30px',
    minH: '30px',
    borderRadius: '15px',
    fontWeight: 'semibold',
    color: 'soft',
    cursor: 'pointer',
    _hover: { bg: 'tawnyWash' },
    '&[aria-pressed=true]': { bg: 'tawny', color: 'onTawny' },
  },
});

/** The tray of a station as it will lie: in the order of use, left to right and top to bottom, tools beside. */
export function TrayPicture({ run, setting, ways, station, onStation }: TrayPictureProps) {
  const tray = trayOf(run.plan, setting, station, ways.blind);
  const at = treatmentAt(run);
  const codes = codesOf(run.plan, { setting, treatmentAt: at, seed: run.seed, blind: ways.blind });
  const mark = codes.get(at(station) ?? '') ?? '';
  return (
    <Box as="section" aria-label={`Tray of station ${station}`}>
      <Flex align="baseline" gap="3" wrap="wrap" mb="1">
        <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold" color="tawny">
          Tray of station {station}
        </Heading>
        <Box color="tawnyDeep" fontWeight="bold">
          {mark && (ways.blind ? `letter ${mark}` : mark)}
        </Box>
        <Box fontSize="sm" color="soft">
          in order of use, left to right, top to bottom
        </Box>
      </Flex>
      <StationPicks stations={run.stations} station={station} onStation={onStation} />
      <Flex gap="5" direction={{ base: 'column', md: 'row' }}>
        <Box
          as="ol"
          listStyleType="none"
          flex="1"
          display="grid"
          gridTemplateColumns="repeat(auto-fill, minmax(86px, 1fr))"
          alignSelf="start"
          gap="2"
          p="3"
          bg="raised"
          borderWidth="2px"
          borderColor="strongRule"
          borderRadius="14px"
          alignContent="start"
        >
          {tray.items.map((item) => (
            <TrayThing key={item.ingredientId} item={item} />
          ))}
          {tray.items.length === 0 && <Box color="soft">The formula has no line yet.</Box>}
        </Box>
        <ToolList tools={tray.tools} />
      </Flex>
      {tray.without.length > 0 && (
        <Box fontSize="sm" color="soft" mt="1.5">
          Not at this station: {listed(tray.without)}.
        </Box>
      )}
    </Box>
  );
}

interface StationPicksProps {
  stations: readonly number[];
  station: number;
  onStation(station: number): void;
}

/** Whose tray is shown; the arrow keys go on to the next. */
function StationPicks({ stations, station, onStation }: StationPicksProps) {
  const step = (by: number) => {
    const at = stations.indexOf(station);
    const next = stations[(at + by + stations.length) % stations.length]!;
    onStation(next);
    document.getElementById(`tray-of-${next}`)?.focus();
  };
  return (
    <Flex
      role="group"
      aria-label="Whose tray"
      gap="0.5"
      mb="2"
      wrap="wrap"
      onKeyDown={(event) => {
        if (event.key === 'ArrowRight') step(1);
        if (event.key === 'ArrowLeft') step(-1);
      }}
    >
      {stations.map((one) => (
        <Pick
          key={one}
          id={`tray-of-${one}`}
          aria-pressed={one === station}
          aria-label={`Tray of station ${one}`}
          tabIndex={one === station ? 0 : -1}
          onClick={() => onStation(one)}
        >
          {one}
        </Pick>
      ))}
    </Flex>
  );
}

function ToolList({ tools }: { tools: Tray['tools'] }) {
  return (
    <Box w={{ md: '190px' }} flexShrink={0}>
      <Box fontSize="sm" color="soft" fontWeight="semibold" mb="1">
        beside it
      </Box>
      <Box as="ul" listStyleType="none" fontSize="sm" lineHeight="1.55">
        {tools.map(({ id, name, sharedBy }) => (
          <li key={id}>
            {name}
            {sharedBy > 1 && (
              <Box as="span" color="soft">
                , shared
              </Box>
            )}
          </li>
        ))}
      </Box>
    </Box>
  );
}

const byWords = { staff: 'weighed out', students: 'they weigh', shared: 'from the class’s batch' } as const;

function TrayThing({ item }: { item: TrayItem }) {
  return (
    <Box as="li" textAlign="center" position="relative" lineHeight="1.25">
      <Box position="absolute" left="1" top="0" fontSize="sm" color="soft">
        {item.number}
      </Box>
      <VesselShape item={item} />
      <Box fontWeight="bold" fontSize="sm">
        {item.name}
      </Box>
      <Box
        fontSize="sm"
        color={item.varied ? 'tawnyDeep' : 'ink'}
        fontWeight={item.varied ? 'bold' : 'normal'}
      >
        {item.amount}
      </Box>
      <Box fontSize="xs" color="soft">
        {[item.state, byWords[item.by]].filter(Boolean).join(', ')}
      </Box>
    </Box>
  );
}

/** The outline of what it stands in; dashed where the students fill it. */
function VesselShape({ item: { vessel, size, by } }: { item: TrayItem }) {
  const s = 27 * size;
  const line = {
    fill: 'none',
    stroke: 'var(--chakra-colors-ink)',
    strokeWidth: 1.6,
    ...(by === 'students' && { strokeDasharray: '3 3' }),
  };
  const full = { fill: 'var(--chakra-colors-tawny-wash)' };
  return (
    <svg
      viewBox="0 0 80 60"
      width="80"
      height="60"
      aria-hidden
      style={{ margin: '0 auto', display: 'block' }}
    >
      {vessel === 'bowl' && (
        <>
          <circle cx="40" cy="30" r={s} {...line} />
          <circle cx="40" cy="30" r={0.72 * s} {...full} />
        </>
      )}
      {vessel === 'dish' && (
        <>
          <circle cx="40" cy="30" r={0.72 * s} {...line} />
          <circle cx="40" cy="30" r={0.45 * s} {...full} />
        </>
      )}
      {vessel === 'glass' && (
        <>
          <path
            d={`M${40 - 0.54 * s} 30 L${40 - 0.5 * s} ${30 + s} H${40 + 0.5 * s} L${40 + 0.54 * s} 30 Z`}
            {...full}
          />
          <path
            d={`M${40 - 0.6 * s} ${30 - s} L${40 - 0.5 * s} ${30 + s} H${40 + 0.5 * s} L${40 + 0.6 * s} ${30 - s}`}
            {...line}
          />
        </>
      )}
      {vessel === 'block' && (
        <rect x={40 - s} y={30 - 0.6 * s} width={2 * s} height={1.2 * s} rx="2" {...line} {...full} />
      )}
      {vessel === 'pieces' &&
        [-0.55, 0.55].map((at) => (
          <ellipse key={at} cx={40 + at * s} cy="30" rx={0.45 * s} ry={0.56 * s} {...line} />
        ))}
    </svg>
  );
}
