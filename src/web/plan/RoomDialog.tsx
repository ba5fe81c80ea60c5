import { Box, chakra, Dialog, Flex, Portal } from '@chakra-ui/react';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useForm, type UseFormReturn } from 'react-hook-form';
import { RoomInput, type Room } from '../../contract/rooms';
import { formatTemperature } from '../../core/format';
import { boilingIn } from '../../core/practical';
import { useAddRoom, useChangeRoom } from '../api/queries';
import { ProblemError, sayError } from '../api/request';
import { MainButton, QuietButton } from '../ui/Button';
import { parseNumber } from '../ui/fields';
import { FormLine } from '../ui/FormLine';
import { Notice } from '../ui/Notice';
import { newId } from './lists';

interface RoomDialogProps {
  /** The room to change; none: a new one. */
  room: Room | undefined;
  onClose(): void;
  onSaved(room: Room): void;
}

/** An empty field is null, a number its value, anything else stays as typed for the resolver to refuse. */
const numberOrText = (text: unknown) => {
  if (typeof text !== 'string') return text;
  return text.trim() === '' ? null : (parseNumber(text) ?? text);
};

const fresh: RoomInput = {
  name: '',
  kind: 'food-room',
  altitudeM: null,
  measuredBoilingC: null,
  stations: 8,
  balanceG: 1,
};

/** A room: its kind, its altitude or measured boiling point, its stations and balances. */
export function RoomDialog({ room, onClose, onSaved }: RoomDialogProps) {
  const { form, failed, save } = useRoomForm(room, onSaved);
  return (
    <Dialog.Root open onOpenChange={(details) => !details.open && onClose()}>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="raised">
            <chakra.form noValidate onSubmit={(event) => void save(event)}>
              <Dialog.Header>
                <Dialog.Title fontFamily="heading">{room ? room.name : 'A new room'}</Dialog.Title>
              </Dialog.Header>
              <Dialog.Body display="grid" gap="3">
                <RoomFields form={form} />
                <Preview values={form.watch()} />
                {failed && <Notice kind="stop">{sayError(failed)} Nothing you typed is lost.</Notice>}
              </Dialog.Body>
              <Dialog.Footer>
                <Flex gap="3">
                  <QuietButton type="button" onClick={onClose}>
                    Leave it
                  </QuietButton>
                  <MainButton type="submit">Keep the room</MainButton>
                </Flex>
              </Dialog.Footer>
            </chakra.form>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

const inputOf = ({ name, kind, altitudeM, measuredBoilingC, stations, balanceG }: Room): RoomInput => ({
  ...{ name, kind, altitudeM, measuredBoilingC, stations, balanceG },
});

/** The form of a room, and how it is kept; what the server refuses is said at its field. */
function useRoomForm(room: Room | undefined, onSaved: (room: Room) => void) {
  const form = useForm<RoomInput>({
    resolver: classValidatorResolver(RoomInput),
    defaultValues: room ? inputOf(room) : fresh,
    mode: 'onTouched',
  });
  const add = useAddRoom();
  const change = useChangeRoom();
  const save = form.handleSubmit(async (input) => {
    try {
      const saved = room
        ? await change.mutateAsync({ id: room.id, edit: { ...input, version: room.version } })
        : await add.mutateAsync({ ...input, id: newId() });
      onSaved(saved);
    } catch (error) {
      if (!(error instanceof ProblemError)) return;
      for (const { field, allowed } of error.fields)
        form.setError(field as keyof RoomInput, { message: allowed });
    }
  });
  return { form, failed: add.error ?? change.error, save };
}

function RoomFields({ form }: { form: UseFormReturn<RoomInput> }) {
  const { register } = form;
  const { errors } = form.formState;
  const typedNumber = { setValueAs: numberOrText };
  return (
    <>
      <FormLine label="Name" error={errors.name} {...register('name')} />
      <FormLine
        label="Kind"
        error={errors.kind}
        options={[
          ['food-room', 'food room'],
          ['laboratory', 'science laboratory: nothing may be eaten'],
        ]}
        {...register('kind')}
      />
      <FormLine
        label="Altitude"
        unit="m"
        error={errors.altitudeM}
        inputMode="decimal"
        {...register('altitudeM', typedNumber)}
      />
      <FormLine
        label="Boiling point, measured"
        unit="°C"
        hint="What your thermometer shows in boiling water. It beats the altitude."
        error={errors.measuredBoilingC}
        inputMode="decimal"
        {...register('measuredBoilingC', typedNumber)}
      />
      <FormLine
        label="Stations"
        error={errors.stations}
        inputMode="numeric"
        {...register('stations', typedNumber)}
      />
      <FormLine
        label="Balances read to"
        unit="g"
        error={errors.balanceG}
        inputMode="decimal"
        {...register('balanceG', typedNumber)}
      />
    </>
  );
}

/** What the typed figures mean for boiling water, as soon as they mean anything. */
function Preview({ values }: { values: RoomInput }) {
  const altitudeM = numberOrText(values.altitudeM);
  const measuredBoilingC = numberOrText(values.measuredBoilingC);
  if (typeof altitudeM === 'string' || typeof measuredBoilingC === 'string') return null;
  let boilingC: number;
  try {
    ({ boilingC } = boilingIn({ ...values, altitudeM, measuredBoilingC } as Room));
  } catch {
    return null;
  }
  return (
    <Box color="soft" fontSize="sm">
      Water boils here at <strong>{formatTemperature(boilingC)}</strong> ({formatTemperature(boilingC, 'F')}).
    </Box>
  );
}
