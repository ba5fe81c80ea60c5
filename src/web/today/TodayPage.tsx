import { Box, Flex, Heading } from '@chakra-ui/react';
import { addDays, format, startOfWeek } from 'date-fns';
import { useBackups, useRuns, useSchool } from '../api/queries';
import { Frame } from '../frame/Frame';
import { Aside } from '../ui/Aside';
import { Notice, Waiting } from '../ui/Notice';
import { useTeacherName, useWho } from '../who/use-who';
import { useNow } from '../ui/use-now';
import { JobsAhead } from './BeforeTheBell';
import { NextDays } from './NextDays';
import { NextLesson } from './NextLesson';
import { PracticalsList } from './PracticalsList';
import { nextLesson, weekOf } from './week';
import { WeekStrip } from './WeekStrip';

/** The disk is filling up: somebody must know while everything still goes on. */
function RoomNotice() {
  const { data } = useBackups();
  if (!data?.low) return null;
  return (
    <Box mb="5">
      <Notice kind="stop">
        Little room is left on the disk of the server: {Math.round(data.freeBytes / 1e6)} MB. Pictures stop
        being taken at 300 MB; readings and notes go on. Tell whoever looks after this machine.
      </Notice>
    </Box>
  );
}

/** A copy of the database that could not be made: somebody must know. */
function BackupNotice() {
  const { data } = useBackups();
  if (!data?.failed) return null;
  const { failed, lastAt } = data;
  return (
    <Box mb="5">
      <Notice kind="stop">
        The last backup failed ({format(failed.at, 'd MMM HH:mm')}): {failed.why}.{' '}
        {lastAt === null ? 'There is none yet.' : `The newest is of ${format(lastAt, 'd MMM HH:mm')}.`} Tell
        whoever looks after this machine; it is tried again by itself.
      </Notice>
    </Box>
  );
}

/** The first page: the week, the next lesson, what is to be done before its bell. */
export function TodayPage() {
  const now = useNow(1000);
  const { data: school } = useSchool();
  const { data: who } = useWho();
  const teacher = useTeacherName();
  const monday = startOfWeek(now, { weekStartsOn: 1 });
  const { data: runs, error } = useRuns(addDays(monday, -7).getTime(), addDays(monday, 21).getTime());
  const lesson = runs && nextLesson(now.getTime(), runs);
  return (
    <Frame
      title={format(now, 'EEEE d MMMM')}
      subtitle={
        school
          ? [
              school.name,
              teacher,
              school.demo ? 'an invented school' : '',
              who?.open ? 'open to whoever sits at this machine' : '',
            ]
              .filter(Boolean)
              .join(' · ')
          : ' '
      }
    >
      {!runs ? (
        <Waiting error={error} />
      ) : (
        <Flex flex="1" direction={{ base: 'column', lg: 'row' }}>
          <Box flex="1" minW="0" px={{ base: '4', md: '7' }} py="6">
            <BackupNotice />
            <RoomNotice />
            <WeekStrip name="This week" days={weekOf(now, 0, runs)} now={now.getTime()} />
            <WeekStrip name="Next week" days={weekOf(now, 1, runs)} now={now.getTime()} />
            <PracticalsList />
          </Box>
          <Aside name="Next lesson" wide={372} bg="sheet" px="6" py="6">
            {lesson ? (
              <NextLesson run={lesson} now={now.getTime()} />
            ) : (
              <>
                <Heading as="h2" fontFamily="heading" fontSize="lg" fontWeight="semibold">
                  No lesson planned
                </Heading>
                <Box color="soft" mt="2">
                  Open a practical, go to its Run, and give it a class, a room and a day. It will stand here
                  with its jobs before the bell.
                </Box>
              </>
            )}
            {runs && <NextDays runs={runs} now={now.getTime()} />}
            <JobsAhead now={now.getTime()} />
          </Aside>
        </Flex>
      )}
    </Frame>
  );
}
