import { Box, chakra, Flex } from '@chakra-ui/react';
import { useState } from 'react';
import type { Run } from '../../contract/runs';
import { formatNumber } from '../../core/format';
import { demonstrated, emptyPantry } from '../../core/order';
import { gramsWords } from '../../core/practical';
import { pullList } from '../../core/prep';
import {
  lessonSteps,
  stationState,
  treatmentAt,
  type BenchSetting,
  type Notebook,
  type QuickEntry,
} from '../../core/run';
import { inOtherTin, isTin, toolSwapsFor, toolSwapSource, waysOut, type WayOut } from '../../core/short';
import { usePantry } from '../api/prep-queries';
import { workingOf } from '../../core/working';
import { QuietButton, WordButton } from '../ui/Button';
import { Choice, NumberField } from '../ui/fields';
import { PlainDialog } from '../ui/PlainDialog';
import { WorkingPopover } from '../ui/WorkingPopover';

/** What of a run it is asked: where it stands, and to write something down. */
interface RunAtHand {
  state(): { run: Run };
  notebook: Notebook;
  now(): number;
  log(entries: readonly QuickEntry[]): Promise<unknown>;
}

interface RanShortProps {
  live: RunAtHand;
  setting: BenchSetting;
  /** Kept ready of each level. */
  spares: number;
  /** Whether a batch of the control is shown. */
  demonstration: boolean;
  onClose(): void;
}

const costWords = ['Nothing lost.', 'Still fair.', 'Costs the test something.', 'Another question.'] as const;

/** One key for what is short: name it, say what is there, take one of the answers; it is logged. */
export function RanShort({ live, setting, spares, demonstration, onClose }: RanShortProps) {
  const [what, setWhat] = useState(`i:${setting.plan.formula[0]?.id ?? ''}`);
  const tools = pullList(setting.plan, setting);
  const options: [string, string][] = [
    ...setting.plan.formula.map(({ id, name }): [string, string] => [`i:${id}`, name]),
    ...tools.map(({ id, name }): [string, string] => [`t:${id}`, name]),
  ];
  const [kept, setKept] = useState<string | null>(null);
  const log = async (words: string) => {
    await live.log([{ station: null, body: { kind: 'deviation', text: words.slice(0, 500) } }]);
    setKept(words);
  };
  const id = what.slice(2);
  return (
    <PlainDialog title="Short or missing" onClose={onClose} size="md">
      <Flex align="center" gap="3" wrap="wrap" mb="3">
        <span>What is short:</span>
        <Choice
          label="What is short"
          value={what}
          options={options}
          onValue={(value) => {
            setWhat(value);
            setKept(null);
          }}
        />
      </Flex>
      {kept !== null ? (
        <Box role="status" bg="mossWash" borderRadius="6px" px="4" py="2.5">
          Logged with the run: {kept}.
        </Box>
      ) : what.startsWith('i:') ? (
        <IngredientShort
          key={id}
          {...{ live, setting, spares, demonstration, ingredientId: id, onTake: log }}
        />
      ) : (
        <ToolShort name={tools.find((tool) => tool.id === id)?.name ?? id} onTake={log} />
      )}
    </PlainDialog>
  );
}

interface IngredientShortProps extends Omit<RanShortProps, 'onClose'> {
  ingredientId: string;
  onTake(words: string): Promise<void>;
}

/** Stations that have not begun yet still take theirs. */
function batchesLeft(live: RunAtHand, setting: BenchSetting, ingredientId: string) {
  const { run } = live.state();
  return run.stations.flatMap((station) => {
    const own = setting.own(station);
    const state = run.status === 'planned' ? null : stationState(setting, live.notebook, station, live.now());
    const uses = lessonSteps(own).findIndex((step) =>
      setting.usedIn(step, own.ingredients).some(({ id }) => id === ingredientId),
    );
    if (state && state.stepNumber > Math.max(0, uses) + 1) return [];
    return [
      {
        station,
        treatmentId: treatmentAt(run)(station),
        own,
      },
    ];
  });
}

function IngredientShort({
  live,
  setting,
  spares,
  demonstration,
  ingredientId,
  onTake,
}: IngredientShortProps) {
  const [haveG, setHaveG] = useState<number | null>(0);
  const { data: pantry = emptyPantry } = usePantry();
  const { run } = live.state();
  const shown = demonstration ? demonstrated(setting.plan) : null;
  const batches = [
    ...batchesLeft(live, setting, ingredientId),
    ...(demonstration ? [{ station: null, treatmentId: shown, own: setting.of(shown) }] : []),
  ];
  const found = waysOut({
    ...{ plan: setting.plan, batches, spares, ingredientId, pantry, haveG: haveG ?? 0 },
    canBuy: run.status === 'planned' && run.startsAt - live.now() > 3 * 3_600_000,
  });
  const grams = batches.map(
    ({ own }) => own.ingredients.find(({ id }) => id === ingredientId)?.grams ?? null,
  );
  const known = grams.every((one) => one !== null);
  return (
    <>
      <Flex align="center" gap="2" wrap="wrap" mb="2">
        <span>There is</span>
        <NumberField
          label="There is, g"
          value={haveG}
          low={0}
          high={1_000_000}
          unit="g"
          chars={7}
          onValue={setHaveG}
        />
        <span>g{found ? ` of ${gramsWords(found.neededG)}: ${gramsWords(found.shortG)} short` : ''}</span>
      </Flex>
      {!known && (
        <Box color="soft">Nobody can tell what the stations take: give it in grams in the plan first.</Box>
      )}
      {known && !found && <Box color="soft">That is enough for all that have not begun.</Box>}
      <Box as="ol" listStyleType="none" aria-label="Ways out, best first">
        {found?.ways.map((way) => (
          <WayLine
            key={way.kind + way.name}
            way={way}
            onTake={() => onTake(`short of ${found.name}: ${way.words}`)}
          />
        ))}
      </Box>
    </>
  );
}

function WayLine({ way, onTake }: { way: WayOut; onTake(): Promise<void> }) {
  return (
    <chakra.li display="flex" gap="3" py="2" borderTopWidth="1px" borderColor="rule" alignItems="flex-start">
      <Box flex="1" minW="0" lineHeight="1.35">
        <Box fontWeight="bold">{way.name}</Box>
        <Box fontSize="sm">{way.words}.</Box>
        <Box fontSize="sm" color="soft">
          <strong>{costWords[way.testCost]}</strong> {way.testWords.replace(/\.$/, '')}.{' '}
          {way.working.length > 0 && (
            <WorkingPopover working={workingOf(way.working)} title={way.name}>
              <WordButton css={{ fontWeight: 'medium', color: 'soft' }}>working</WordButton>
            </WorkingPopover>
          )}
        </Box>
      </Box>
      <QuietButton onClick={() => void onTake()} aria-label={`Take it: ${way.name}`}>
        take it
      </QuietButton>
    </chakra.li>
  );
}

/** The same batch in a round tin of another width: how deep it stands, and how long it takes. */
function OtherTinLines() {
  const [planned, setPlanned] = useState<number | null>(20);
  const [here, setHere] = useState<number | null>(null);
  const other = planned !== null && here !== null ? inOtherTin(planned ** 2, here ** 2) : null;
  const times = (value: number) => formatNumber(value, 2);
  return (
    <Box mb="2">
      <Flex align="center" gap="2" wrap="wrap">
        <span>Planned</span>
        <NumberField
          label="Planned tin, cm across"
          value={planned}
          low={3}
          high={60}
          unit="cm"
          chars={4}
          onValue={setPlanned}
        />
        <span>cm across, there is one of</span>
        <NumberField
          label="Tin that is there, cm across"
          value={here}
          low={3}
          high={60}
          unit="cm"
          mayBeEmpty
          chars={4}
          placeholder="cm"
          onValue={setHere}
        />
        <span>cm</span>
      </Flex>
      {other && (
        <Box role="status">
          It stands <strong>{times(other.depthTimes)} × as deep</strong> and takes{' '}
          {times(other.minutesTimes.low)} to {times(other.minutesTimes.high)} × the minutes to its middle.
          Look early; the same tin at every station.
        </Box>
      )}
    </Box>
  );
}

function ToolShort({ name, onTake }: { name: string; onTake(words: string): Promise<void> }) {
  const swaps = toolSwapsFor(name);
  return (
    <>
      {isTin(name) && <OtherTinLines />}
      {swaps.length === 0 && (
        <Box color="soft">
          Nothing is known that does in place of {name}. Share between two stations, and log who began later.
        </Box>
      )}
      <Box as="ol" listStyleType="none" aria-label="Ways out, best first">
        {swaps.map(({ instead, changes }) => (
          <chakra.li key={instead} display="flex" gap="3" py="2" borderTopWidth="1px" borderColor="rule">
            <Box flex="1">
              <Box fontWeight="bold">{instead}</Box>
              <Box fontSize="sm" color="soft">
                {changes}. ({toolSwapSource.text.toLowerCase()})
              </Box>
            </Box>
            <QuietButton
              onClick={() => void onTake(`no ${name}: ${instead} (${changes})`)}
              aria-label={`Take it: ${instead}`}
            >
              take it
            </QuietButton>
          </chakra.li>
        ))}
      </Box>
    </>
  );
}
