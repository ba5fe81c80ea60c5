import { Box, chakra, Flex, Heading } from '@chakra-ui/react';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { format } from 'date-fns';
import { useState } from 'react';
import { useForm, type UseFormReturn } from 'react-hook-form';
import { useNavigate } from 'react-router';
import type { Practical } from '../../contract/practicals';
import { NewRun } from '../../contract/runs';
import { batchTables } from '../../core/batch';
import { clockTime } from '../../core/days';
import { counted } from '../../core/format';
import { listedTreatmentIds, placeOf } from '../../core/practical';
import { canBeSimulated } from '../../core/run';
import { useAddRun, useClasses, useRooms, useSchool } from '../api/queries';
import { sayError } from '../api/request';
import { newId } from '../ui/lists';
import { RoomDialog } from '../plan/RoomDialog';
import { MainButton, WordButton } from '../ui/Button';
import { parseNumber } from '../ui/fields';
import { FormLine } from '../ui/FormLine';
import { Notice, Waiting } from '../ui/Notice';
import { NewClassForm } from '../classes/NewClassForm';

const dateText = (ms: number) => format(ms, "yyyy-MM-dd'T'HH:mm");
const fromDateText = (text: unknown) => (typeof text === 'string' ? new Date(text).getTime() : text);
const numberOrText = (text: unknown) => (typeof text === 'string' ? (parseNumber(text) ?? text) : text);
const nextQuarter = () => Math.ceil(Date.now() / 900_000) * 900_000;

/** Class, room, day, stations: what makes a plan into a run. */
export function NewRunForm({ practical }: { practical: Practical }) {
  const { data: rooms } = useRooms();
  const { data: classes } = useClasses();
  if (!rooms || !classes) return <Waiting />;
  return (
    <Form key={`${rooms.length}-${classes.length}`} practical={practical} rooms={rooms} classes={classes} />
  );
}

interface FormProps {
  practical: Practical;
  rooms: NonNullable<ReturnType<typeof useRooms>['data']>;
  classes: NonNullable<ReturnType<typeof useClasses>['data']>;
}

/** What stands in the form when it opens. */
const firstValues = (
  { id, number, plan }: Practical,
  rooms: FormProps['rooms'],
  classes: FormProps['classes'],
) => ({
  id: newId(),
  practicalId: id,
  revision: number,
  roomId: plan.roomId ?? rooms[0]?.id ?? '',
  classId: classes[0]?.id ?? '',
  startsAt: dateText(nextQuarter()) as never,
  stations: plan.stations,
  probes: 'none' as const,
});

function Form({ practical, rooms, classes }: FormProps) {
  const { plan } = practical;
  const navigate = useNavigate();
  const add = useAddRun();
  const [adding, setAdding] = useState<'nothing' | 'room' | 'class'>('nothing');
  const form = useForm<NewRun>({
    resolver: classValidatorResolver(NewRun),
    defaultValues: firstValues(practical, rooms, classes),
  });
  const room = rooms.find((one) => one.id === form.watch('roomId'));
  const simulated = room !== undefined && canBeSimulated(plan, placeOf(room), batchTables);
  const noLevels = listedTreatmentIds(plan).length === 0;
  const save = form.handleSubmit(async (input) => {
    const { run } = await add.mutateAsync(input);
    await navigate(`/runs/${run.id}/bench`);
  });

  return (
    <>
      <Heading as="h2" fontFamily="heading" fontSize="xl" fontWeight="semibold" mb="3">
        A new run
      </Heading>
      {noLevels && (
        <Box mb="4">
          <Notice kind="stop">
            The plan has no levels yet. Add at least one under Fair test: each station gets one.
          </Notice>
        </Box>
      )}
      <chakra.form
        noValidate
        display="grid"
        gap="3.5"
        onSubmit={(event) => void save(event).catch(() => undefined)}
      >
        <WhoAndWhere {...{ form, rooms, classes }} onAdd={setAdding} />
        <WhenAndHow form={form} simulated={simulated} room={room} />
        {add.error && <Notice kind="stop">{sayError(add.error)} Nothing you typed is lost.</Notice>}
        <Box>
          <MainButton type="submit" disabled={noLevels || add.isPending}>
            Draw the layout
          </MainButton>
        </Box>
      </chakra.form>
      {adding === 'room' && (
        <RoomDialog
          room={undefined}
          onClose={() => setAdding('nothing')}
          onSaved={() => setAdding('nothing')}
        />
      )}
      {adding === 'class' && <NewClassForm onClose={() => setAdding('nothing')} />}
    </>
  );
}

interface WhoAndWhereProps extends Pick<FormProps, 'rooms' | 'classes'> {
  form: UseFormReturn<NewRun>;
  onAdd(what: 'room' | 'class'): void;
}

function WhoAndWhere({ form, rooms, classes, onAdd }: WhoAndWhereProps) {
  const { errors } = form.formState;
  return (
    <>
      <Box>
        <FormLine
          label="Class"
          error={errors.classId}
          options={classes.map((one) => [
            one.id,
            `${one.name}, ${one.students} students, reads °${one.unit}`,
          ])}
          {...form.register('classId')}
        />
        <WordButton type="button" fontSize="sm" mt="1" onClick={() => onAdd('class')}>
          another class
        </WordButton>
      </Box>
      <Box>
        <FormLine
          label="Room"
          error={errors.roomId}
          options={rooms.map((one) => [one.id, one.name])}
          {...form.register('roomId')}
        />
        <WordButton type="button" fontSize="sm" mt="1" onClick={() => onAdd('room')}>
          another room
        </WordButton>
      </Box>
    </>
  );
}

/** The periods of the school: one of them sets the hour on the day that is chosen. */
function Periods({ form }: { form: UseFormReturn<NewRun> }) {
  const { data: school } = useSchool();
  const bells = [...(school?.ways.bells ?? [])].sort((a, b) => a.fromMin - b.fromMin);
  if (bells.length === 0) return null;
  const choose = (minute: number) => {
    const chosen = new Date(fromDateText(form.getValues('startsAt')) as number);
    const day = Number.isNaN(chosen.getTime()) ? new Date() : chosen;
    const at = clockTime(day.getTime(), 0, minute);
    form.setValue('startsAt', dateText(at) as never, { shouldValidate: true });
  };
  return (
    <Flex gap="3" wrap="wrap" role="group" aria-label="Period">
      <Box color="soft" fontSize="sm">
        Period
      </Box>
      {bells.map(({ id, name, fromMin }) => (
        <WordButton key={id} type="button" fontSize="sm" onClick={() => choose(fromMin)}>
          {name}
        </WordButton>
      ))}
    </Flex>
  );
}

interface WhenAndHowProps {
  form: UseFormReturn<NewRun>;
  simulated: boolean;
  room: FormProps['rooms'][number] | undefined;
}

function WhenAndHow({ form, simulated, room }: WhenAndHowProps) {
  const { errors } = form.formState;
  const over = room !== undefined && Number(form.watch('stations')) > room.stations;
  return (
    <>
      <FormLine
        label="Bell"
        type="datetime-local"
        error={errors.startsAt}
        {...form.register('startsAt', { setValueAs: fromDateText })}
      />
      <Periods form={form} />
      <FormLine
        label="Stations"
        inputMode="numeric"
        hint={
          over
            ? `${room.name} has ${counted(room.stations, 'station')}: fewer groups, or another room.`
            : undefined
        }
        error={errors.stations}
        {...form.register('stations', { setValueAs: numberOrText })}
      />
      <FormLine
        label="Thermometers"
        error={errors.probes}
        hint={
          simulated
            ? 'A simulated class boils its own syrup and logs its own steps: for trying a practical out.'
            : undefined
        }
        options={[
          ['none', 'readings are typed'],
          ...(simulated ? [['simulated', 'simulated probes and class'] as const] : []),
        ]}
        {...form.register('probes')}
      />
    </>
  );
}
