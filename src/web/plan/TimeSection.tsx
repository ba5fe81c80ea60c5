import { memo } from 'react';
import { Box, Flex } from '@chakra-ui/react';
import { Link as RouterLink, useParams } from 'react-router';
import { planShape, timetableOf, type Plan, type Timetable } from '../../core/practical';
import { range } from '../../core/shape';
import { WordButton } from '../ui/Button';
import { NumberField } from '../ui/fields';
import { usePlan } from './edit-context';
import { Section } from './Section';
import { waitingHatch } from './TimeBar';

/** The period from bell to bell, drawn to scale. */
export const TimeSection = memo(function TimeSection() {
  const { plan } = usePlan();
  const { practicalId } = useParams();
  const timetable = timetableOf(plan);
  const spare = timetable.spareMinutes;
  return (
    <Section name="Time" anchor="time">
      <Flex wrap="wrap" columnGap="5" rowGap="1" mb="3">
        <MinutesOf of="periodMinutes" says="Bell to bell" label="Period" />
        <MinutesOf of="briefingMinutes" says="briefing" label="Briefing" />
        <MinutesOf of="clearUpMinutes" says="clearing up" label="Clearing up" />
        <Box as="span" fontWeight="bold" color={spare < 0 ? 'ember' : 'moss'}>
          {spare < 0 ? `${-spare} min over the bell` : `${spare} min to spare`}
        </Box>
        <WordButton asChild fontSize="sm">
          <RouterLink to={`/practicals/${practicalId}/trial`}>
            {plan.trials.length === 0 ? 'try it at one station first' : 'try it again'}
          </RouterLink>
        </WordButton>
      </Flex>
      <Period plan={plan} timetable={timetable} />
      <Flex gap="4" fontSize="xs" color="soft" mt="1">
        <Flex align="center" gap="1.5">
          <Box w="18px" h="9px" borderRadius="2px" bg="tawny" /> hands
        </Flex>
        <Flex align="center" gap="1.5">
          <Box w="18px" h="9px" borderRadius="2px" css={waitingHatch} /> waiting
        </Flex>
      </Flex>
    </Section>
  );
});

interface MinutesOfProps {
  of: 'periodMinutes' | 'briefingMinutes' | 'clearUpMinutes';
  says: string;
  label: string;
}

function MinutesOf({ of, says, label }: MinutesOfProps) {
  const { plan, edit } = usePlan();
  return (
    <span>
      {says}{' '}
      <NumberField
        label={label}
        value={plan[of]}
        {...range(planShape.fields[of])}
        unit="min"
        chars={1}
        onValue={(value) => edit(of, (was) => ({ ...was, [of]: value! }))}
      />{' '}
      min
    </span>
  );
}

/** Briefing, steps and clearing up as blocks, and the bell. */
function Period({ plan, timetable }: { plan: Plan; timetable: Timetable }) {
  const { steps, workEndsMinute, endsMinute, spareMinutes } = timetable;
  const span = Math.max(plan.periodMinutes, endsMinute, 1);
  const share = (minutes: number) => `${(minutes / span) * 100}%`;
  return (
    <Box
      position="relative"
      h="54px"
      role="img"
      aria-label={`Work ends ${workEndsMinute} minutes after the bell, clearing up at ${endsMinute} of ${plan.periodMinutes} minutes`}
    >
      <Block left="0%" width={share(plan.briefingMinutes)} label="brief" plain />
      {steps.map(({ step, startMinute, endMinute }) => (
        <Block
          key={step.id}
          left={share(startMinute)}
          width={share(endMinute - startMinute)}
          label={String(plan.steps.findIndex((one) => one.id === step.id) + 1)}
          waiting={step.hands === 'waiting'}
        />
      ))}
      <Block left={share(workEndsMinute)} width={share(plan.clearUpMinutes)} label="clear" plain />
      <Bell left={share(plan.periodMinutes)} over={spareMinutes < 0} />
    </Box>
  );
}

interface BlockProps {
  left: string;
  width: string;
  label: string;
  waiting?: boolean;
  plain?: boolean;
}

function Block({ left, width, label, waiting = false, plain = false }: BlockProps) {
  return (
    <Box position="absolute" top="0" style={{ left, width }} pr="1px" minW="0">
      <Box
        h="26px"
        borderRadius="3px"
        css={plain ? { bg: 'rule' } : waiting ? waitingHatch : { bg: 'tawny' }}
        display="grid"
        placeItems="center"
        overflow="hidden"
        color={plain || waiting ? 'ink' : 'onTawny'}
        fontSize="sm"
        fontWeight="semibold"
      >
        <Box
          as="span"
          bg={waiting ? 'sheet' : undefined}
          px={waiting ? '1' : undefined}
          borderRadius="2px"
          lineHeight="1.2"
        >
          {label}
        </Box>
      </Box>
    </Box>
  );
}

function Bell({ left, over }: { left: string; over: boolean }) {
  return (
    <Box
      position="absolute"
      top="-4px"
      style={{ left }}
      h="36px"
      w="2px"
      ml="-2px"
      bg={over ? 'ember' : 'ink'}
    >
      <Box
        position="absolute"
        top="36px"
        right="0"
        fontSize="xs"
        fontWeight="bold"
        color={over ? 'ember' : 'ink'}
      >
        bell
      </Box>
    </Box>
  );
}
