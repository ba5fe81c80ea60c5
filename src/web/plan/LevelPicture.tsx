import { Box, Flex } from '@chakra-ui/react';
import { ingredientGrams } from '../../core/batch';
import { formatTemperature } from '../../core/format';
import {
  consequenceOf,
  factorsWithLevels,
  factorUnit,
  isNumeric,
  levelLabel,
  levelsInOrder,
  targetOfLevel,
  workingOfTarget,
  type Factor,
  type Level,
  factorFields,
} from '../../core/practical';
import { isFull } from '../../core/shape';
import { levelColour } from '../theme/heat-scale';
import { WordButton } from '../ui/Button';
import { DraftField } from '../ui/DraftField';
import { WorkingPopover } from '../ui/WorkingPopover';
import { usePlan } from './edit-context';
import { withLevels } from './factors';
import { levelText, parseLevel, typedLevels, type LevelText } from './level-text';
import { AddLine, RemoveButton } from '../ui/line-tools';
import { newId, withItem, without } from '../ui/lists';
import { SeatRow } from './SeatRow';
import { seatsOf } from './seats';

/** One factor’s levels side by side, the control ringed, with what each comes to; alone, also its stations. */
export function LevelPicture({ factor }: { factor: Factor }) {
  const { plan, edit } = usePlan();
  const levels = levelsInOrder(factor);
  const crossed = factorsWithLevels(plan).length > 1;
  const which = plan.factors.length > 1 ? ` of ${factor.name || 'this'}` : '';
  return (
    <Box mt="3" mb="2" pl={{ base: 0, sm: '6.95rem' }}>
      {levels.length > 0 && (
        <Box position="relative" mb="2" overflowX="auto">
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
                factor={factor}
                level={level}
                colour={levelColour(i, levels.length)}
                count={levels.length}
                seated={!crossed}
              />
            ))}
          </Flex>
        </Box>
      )}
      <Flex wrap="wrap" columnGap="4" rowGap="1" align="baseline" color="soft" fontSize="sm">
        <AddLine
          label={`Add a level${which}`}
          full={isFull(factorFields.levels, levels)}
          placeholder={
            isNumeric(factor)
              ? `a level, such as ${likely[factor.acts.on] ?? '5'}, or several: 20 to 60 by 10`
              : 'a level'
          }
          onAdd={(text) => {
            const typed = typedLevels(plan, factor, text);
            if (typeof typed === 'string') return typed;
            const added = typed.map((one) => ({ id: newId(), control: false, ...one }));
            edit(`levels-${factor.id}`, (was) => withLevels(was, factor, (all) => [...all, ...added]));
            return undefined;
          }}
        />
        {levels.length > 0 && isNumeric(factor) && !levels.some((level) => level.open) && (
          <WordButton
            fontSize="sm"
            css={{ fontWeight: 'medium', color: 'soft' }}
            onClick={() =>
              edit(`levels-${factor.id}-open`, (was) =>
                withLevels(was, factor, (all) => [
                  ...all,
                  { id: newId(), value: null, words: 'own choice', control: false, open: true },
                ]),
              )
            }
          >
            leave one level to the station
          </WordButton>
        )}
      </Flex>
    </Box>
  );
}

interface LevelColumnProps {
  factor: Factor;
  level: Level;
  colour: string;
  count: number;
  seated: boolean;
}

function LevelColumn({ factor, level, colour, count, seated }: LevelColumnProps) {
  const { plan, edit } = usePlan();
  const label = levelLabel(plan, factor, level);
  const unit = factorUnit(plan, factor);
  return (
    <Flex direction="column" align="center" flex="1" minW="64px" px="1" role="group" position="relative">
      <Flex h="30px" align="center" fontWeight="bold" maxW="100%">
        <DraftField<LevelText>
          label={`Level ${label}`}
          value={level}
          align="center"
          chars={1}
          format={(value) => levelText(factor, value)}
          parse={(text) => parseLevel(plan, factor, level, text)}
          onValue={(value) =>
            edit(`level-${level.id}`, (was) =>
              withLevels(was, factor, (all) => withItem(all, level.id, value)),
            )
          }
        />
        {isNumeric(factor) && !level.open && (
          <Box as="span" ml="1" fontWeight="medium" whiteSpace="nowrap">
            {shortUnit(unit)}
          </Box>
        )}
      </Flex>
      <ControlButton factor={factor} level={level} label={label} colour={colour} />
      <Box position="absolute" left="calc(50% + 17px)" top="31px">
        <RemoveButton
          what={`level ${label}`}
          onClick={() =>
            edit(`level-${level.id}-gone`, (was) => withLevels(was, factor, (all) => without(all, level.id)))
          }
        />
      </Box>
      <Box fontSize="xs" color="soft" h="18px" lineHeight="18px" fontWeight="semibold">
        {level.control ? 'control' : ''}
      </Box>
      <Consequence factor={factor} level={level} label={label} count={count} />
      {seated && <SeatRow seats={seatsOf(plan).get(level.id) ?? 0} />}
    </Flex>
  );
}

/** The sign of a unit that the sentence above says in full: “% of plain flour”. */
const shortUnit = (unit: string) => (/^[%×]/.test(unit) ? unit.charAt(0) : unit);

/** A number that makes sense of what the levels act on. */
const likely: Partial<Record<Factor['acts']['on'], string>> = {
  'end-temperature': '150',
  'start-temperature': '4',
  minutes: '8',
  size: '30',
  amount: '2',
  setting: '180',
};

function ControlButton({
  factor,
  level,
  label,
  colour,
}: Pick<LevelColumnProps, 'factor' | 'level' | 'colour'> & { label: string }) {
  const { edit } = usePlan();
  return (
    <Box
      asChild
      w="26px"
      h="26px"
      borderRadius="full"
      display="grid"
      placeItems="center"
      bg="sheet"
      borderWidth="2px"
      borderColor={level.control ? 'ink' : 'transparent'}
      cursor="pointer"
    >
      <button
        aria-pressed={level.control}
        aria-label={`${label} is the control`}
        title={level.control ? 'The control' : 'Make it the control'}
        onClick={() =>
          edit(`control-${factor.id}`, (was) =>
            withLevels(was, factor, (all) =>
              all.map((one) => ({ ...one, control: one.id === level.id && !level.control })),
            ),
          )
        }
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
  );
}

/** What a level comes to: grams, or the temperature on the thermometers here with its working. */
function Consequence({
  factor,
  level,
  label,
  count,
}: {
  factor: Factor;
  level: Level;
  label: string;
  count: number;
}) {
  const { plan, place } = usePlan();
  const target = targetOfLevel(plan, factor, level, place);
  const words = target ? null : consequenceOf(plan, place, factor, level, ingredientGrams);
  return (
    <>
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
      {words && (
        <Box fontSize="sm" fontWeight="semibold" color="glass" textAlign="center" lineHeight="1.25">
          {words}
        </Box>
      )}
    </>
  );
}
