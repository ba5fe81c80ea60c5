import { memo } from 'react';
import { Box, Flex } from '@chakra-ui/react';
import { timetableOf, planShape } from '../../core/practical';
import { range } from '../../core/shape';
import { NumberField } from '../ui/fields';
import { usePlan } from './edit-context';
import { Section } from './Section';
import { waitingHatch } from './TimeBar';

/** The period from bell to bell, drawn to scale. */
export const TimeSection = memo(function TimeSection() {
  const { plan, edit } = usePlan();
  const timetable = timetableOf(plan);
  const span = Math.max(plan.periodMinutes, timetable.endsMinute, 1);
  const share = (minutes: number) => `${(minutes / span) * 100}%`;
  const over = timetable.spareMinutes < 0;
  return (
    <Section name="Time" anchor="time">
      <Flex wrap="wrap" columnGap="5" rowGap="1" mb="3">
        <span>
          Bell to bell{' '}
          <NumberField
            label="Period"
            value={plan.periodMinutes}
            {...range(planShape.fields.periodMinutes)}
            unit="min"
            chars={1}
            onValue={(value) => edit('period', (was) => ({ ...was, periodMinutes: value! }))}
          />{' '}
          min
        </span>
        <span>
          briefing{' '}
          <NumberField
            label="Briefing"
            value={plan.briefingMinutes}
            {...range(planShape.fields.briefingMinutes)}
            unit="min"
            chars={1}
            onValue={(value) => edit('briefing', (was) => ({ ...was, briefingMinutes: value! }))}
          />{' '}
          min
        </span>
        <span>
          clearing up{' '}
          <NumberField
            label="Clearing up"
            value={plan.clearUpMinutes}
            {...range(planShape.fields.clearUpMinutes)}
            unit="min"
            chars={1}
            onValue={(value) => edit('clear-up', (was) => ({ ...was, clearUpMinutes: value! }))}
          />{' '}
          min
        </span>
        <Box as="span" fontWeight="bold" color={over ? 'ember' : 'moss'}>
          {over ? `${-timetable.spareMinutes} min over the bell` : `${timetable.spareMinutes} min to spare`}
        </Box>
      </Flex>
      <Box
        position="relative"
        h="54px"
        role="img"
        aria-label={`Work ends ${timetable.workEndsMinute} minutes after the bell, clearing up at ${timetable.endsMinute} of ${plan.periodMinutes} minutes`}
      >
        <Block left="0%" width={share(plan.briefingMinutes)} label="brief" plain />
        {timetable.steps.map(({ step, startMinute, endMinute }) => (
          <Block
            key={step.id}
            left={share(startMinute)}
            width={share(endMinute - startMinute)}
            label={String(plan.steps.indexOf(step) + 1)}
            waiting={step.hands === 'waiting'}
          />
        ))}
        <Block
          left={share(timetable.workEndsMinute)}
          width={share(plan.clearUpMinutes)}
          label="clear"
          plain
        />
        <Bell left={share(plan.periodMinutes)} over={over} />
      </Box>
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
