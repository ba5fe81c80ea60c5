import { Box, Flex } from '@chakra-ui/react';
import { repeatedLevel } from '../../contract/plan';
import { allocateLevels } from '../../core/design';
import { formatNumber, formatTemperature } from '../../core/format';
import {
  levelLabel,
  levelsInOrder,
  targetOf,
  workingOfTarget,
  type Factor,
  type Level,
  type Plan,
} from '../../core/practical';
import { levelColour } from '../theme/heat-scale';
import { WordButton } from '../ui/Button';
import { DraftField, type Parsed } from '../ui/DraftField';
import { Choice, NumberField, parseNumber } from '../ui/fields';
import { WorkingPopover } from '../ui/WorkingPopover';
import { usePlan } from './edit-context';
import { AddLine, RemoveButton } from './line-tools';
import { newId, withItem, without } from './lists';

/** The fair test as a picture: levels across, the stations each will get under it, the control ringed. */
export function LevelPicture() {
  const { plan, edit } = usePlan();
  const levels = levelsInOrder(plan.factor);
  return (
    <Box my="3" pl={{ base: 0, sm: '6.95rem' }}>
      {levels.length > 0 && (
        <Box position="relative" mb="2">
          <Box
            position="absolute"
            left="0"
            right="0"
            top="42px"
            h="2px"
            bg="ink"
            opacity={0.75}
            mx={`${50 / levels.length}%`}
          />
          <Flex position="relative">
            {levels.map((level, i) => (
              <LevelColumn
                key={level.id}
                level={level}
                colour={levelColour(i, levels.length)}
                count={levels.length}
              />
            ))}
          </Flex>
        </Box>
      )}
      <Flex wrap="wrap" columnGap="4" rowGap="1" align="baseline" color="soft" fontSize="sm">
        <AddLine
          label="Add a level"
          full={levels.length >= 12}
          placeholder={plan.factor.kind === 'words' ? 'a level' : 'a level, such as 150'}
          onAdd={(text) =>
            addLevel(plan.factor, text, (level) =>
              edit('levels', (was) => withLevels(was, [...was.factor.levels, level])),
            )
          }
        />
        <span>
          <NumberField
            label="Stations"
            value={plan.stations}
            low={1}
            high={40}
            whole
            chars={1}
            onValue={(stations) => edit('stations', (was) => ({ ...was, stations: stations! }))}
          />{' '}
          stations,{' '}
          <Choice
            label="Order of levels"
            value={plan.order}
            options={[
              ['shuffled', 'drawn by lot'],
              ['as-listed', 'in the order listed'],
            ]}
            onValue={(order) => edit('order', (was) => ({ ...was, order }))}
          />
        </span>
      </Flex>
    </Box>
  );
}

const withLevels = (plan: Plan, levels: Level[]): Plan => ({ ...plan, factor: { ...plan.factor, levels } });

function addLevel(factor: Factor, text: string, add: (level: Level) => void): string | void {
  const parsed = parseLevel(factor, null, text);
  if ('error' in parsed) return parsed.error;
  add({ id: newId(), control: false, ...parsed.value });
}

type LevelText = Pick<Level, 'value' | 'words'>;

/** What typed text means as a level; one that is there already is refused. */
function parseLevel(factor: Factor, id: string | null, text: string): Parsed<LevelText> {
  const plain = text.replace(/\s*(°\s*C|C)$/i, '');
  const value =
    factor.kind === 'words' ? null : parseNumber(factor.unit ? plain.replace(factor.unit, '') : plain);
  const [low, high] = factor.kind === 'target' ? [-30, 300] : [-1e6, 1e6];
  if (factor.kind !== 'words' && (value === null || value < low || value > high)) {
    const unit = factor.kind === 'target' ? ' °C' : '';
    return {
      error: `level is “${text}”; allowed: a number from ${formatNumber(low)} to ${formatNumber(high)}${unit}`,
    };
  }
  const words = factor.kind === 'words' ? text.trim() : '';
  if (factor.kind === 'words' && (words === '' || words.length > 60)) {
    return { error: 'A level in words needs 1 to 60 characters' };
  }
  const level: Level = { id: id ?? 'new', value, words, control: false };
  const others = factor.levels.filter((one) => one.id !== id);
  const repeated = repeatedLevel(factor, [...others, level]);
  if (repeated !== null) return { error: `level “${repeated}” is there already; each level stands once` };
  return { value: { value, words } };
}

function LevelColumn({ level, colour, count }: { level: Level; colour: string; count: number }) {
  const { plan, edit, place } = usePlan();
  const { factor } = plan;
  const target = targetOf(plan, { kind: 'level' }, level, place);
  const label = levelLabel(factor, level);
  const setControl = () =>
    edit('control', (was) =>
      withLevels(
        was,
        was.factor.levels.map((one) => ({ ...one, control: one.id === level.id && !level.control })),
      ),
    );
  return (
    <Flex direction="column" align="center" flex="1" minW="0" px="1" role="group" position="relative">
      <Flex h="30px" align="center" fontWeight="bold" maxW="100%">
        <DraftField<LevelText>
          label={`Level ${label}`}
          value={level}
          align="center"
          chars={1}
          format={(value) =>
            factor.kind === 'words' ? value.words : value.value === null ? '' : formatNumber(value.value)
          }
          parse={(text) => parseLevel(factor, level.id, text)}
          onValue={(value) =>
            edit(`level-${level.id}`, (was) => withLevels(was, withItem(was.factor.levels, level.id, value)))
          }
        />
        {factor.kind !== 'words' && (
          <Box as="span" ml="1" fontWeight="medium">
            {factor.kind === 'target' ? '°C' : factor.unit}
          </Box>
        )}
      </Flex>
      <Box
        asChild
        w="26px"
        h="26px"
        borderRadius="full"
        display="grid"
        placeItems="center"
        bg="sheet"
        borderWidth={level.control ? '2px' : '2px'}
        borderColor={level.control ? 'ink' : 'transparent'}
        cursor="pointer"
      >
        <button
          aria-pressed={level.control}
          aria-label={`${label} is the control`}
          title={level.control ? 'The control' : 'Make it the control'}
          onClick={setControl}
        >
          <Box
            w="17px"
            h="17px"
            borderRadius="full"
            borderWidth="1.5px"
            borderColor="ink"
            style={{ background: colour }}
          />
        </button>
      </Box>
      <Box position="absolute" left="calc(50% + 17px)" top="31px">
        <RemoveButton
          what={`level ${label}`}
          onClick={() =>
            edit(`level-${level.id}-gone`, (was) => withLevels(was, without(was.factor.levels, level.id)))
          }
        />
      </Box>
      <Box fontSize="xs" color="soft" h="18px" lineHeight="18px" fontWeight="semibold">
        {level.control ? 'control' : ''}
      </Box>
      {target?.shifted && (
        <WorkingPopover working={workingOfTarget(target, place)} title={`${label} at sea level, here`}>
          <WordButton
            css={{ fontSize: count > 5 ? 'xs' : 'sm', textDecorationStyle: 'dashed' }}
            aria-label={`${label} is ${formatTemperature(target.localC)} here: working`}
          >
            {formatTemperature(target.localC)} here
          </WordButton>
        </WorkingPopover>
      )}
      {target && (
        <Box fontSize="xs" color="soft">
          {formatTemperature(target.localC, 'F')}
        </Box>
      )}
      <Seats plan={plan} levelId={level.id} />
    </Flex>
  );
}

/** How many stations a level will get, as empty seats. */
function Seats({ plan, levelId }: { plan: Plan; levelId: string }) {
  const stations = Array.from({ length: plan.stations }, (_, i) => i + 1);
  const ids = plan.factor.levels.map((level) => level.id);
  const seats = allocateLevels(stations, ids, 'as-listed', 0).filter((one) => one.levelId === levelId).length;
  return (
    <Flex
      gap="1"
      mt="1.5"
      wrap="wrap"
      justify="center"
      maxW="100%"
      aria-label={`${seats} stations`}
      role="img"
    >
      {Array.from({ length: seats }, (_, i) => (
        <Box
          key={i}
          w="16px"
          h="16px"
          borderRadius="3px"
          borderWidth="1px"
          borderColor="strongRule"
          bg="paper"
        />
      ))}
    </Flex>
  );
}
