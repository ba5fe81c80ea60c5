import { Box } from '@chakra-ui/react';
import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useForm, type UseFormReturn } from 'react-hook-form';
import { RoomInput, type Room } from '../../contract/rooms';
import { formatTemperature } from '../../core/format';
import { boilingIn, placeOf } from '../../core/practical';
import { useAddRoom, useChangeRoom } from '../api/queries';
import { ProblemError } from '../api/request';
import { EquipmentLines } from '../rooms/EquipmentLines';
import { parseNumber } from '../ui/fields';
import { FormDialog } from '../ui/FormDialog';
import { FormLine } from '../ui/FormLine';
import { newId } from '../ui/lists';

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
  equipment: [],
  tools: [],
};

/** A room: its kind, its altitude or measured boiling point, its stations and balances. */
export function RoomDialog({ room, onClose, onSaved }: RoomDialogProps) {
  const { form, failed, save } = useRoomForm(room, onSaved);
  return (
    <FormDialog
      title={room ? room.name : 'A new room'}
      keep="Keep the room"
      {...{ failed, onClose }}
      onSave={save}
    >
      <RoomFields form={form} />
      <EquipmentLines
        equipment={form.watch('equipment')}
        onEquipment={(equipment) => form.setValue('equipment', equipment)}
      />
      <Preview values={form.watch()} />
    </FormDialog>
  );
}

/** The form of a room, and how it is kept; what the server refuses is said at its field. */
function useRoomForm(room: Room | undefined, onSaved: (room: Room) => void) {
  const form = useForm<RoomInput>({
    resolver: classValidatorResolver(RoomInput),
    defaultValues: room ? placeOf(room) : fresh,
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
