import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useForm } from 'react-hook-form';
import { NewClass } from '../../contract/classes';
import { useAddClass } from '../api/queries';
import { newId } from '../ui/lists';
import { parseNumber } from '../ui/fields';
import { FormDialog } from '../ui/FormDialog';
import { FormLine } from '../ui/FormLine';

/** A class: a name, a number of seats, and what it reads. No names of students. */
export function NewClassForm({ onClose }: { onClose(): void }) {
  const add = useAddClass();
  const { register, handleSubmit, formState } = useForm<NewClass>({
    resolver: classValidatorResolver(NewClass),
    defaultValues: { id: newId(), name: '', students: 20, unit: 'C' },
  });
  const { errors } = formState;
  const save = handleSubmit(async (input) => {
    await add.mutateAsync(input);
    onClose();
  });
  return (
    <FormDialog
      title="Another class"
      keep="Keep the class"
      failed={add.error}
      onSave={save}
      onClose={onClose}
    >
      <FormLine label="Name" placeholder="9B" error={errors.name} {...register('name')} />
      <FormLine
        label="Students"
        inputMode="numeric"
        hint="Seats only; no names are kept."
        error={errors.students}
        {...register('students', {
          setValueAs: (text: unknown) => (typeof text === 'string' ? (parseNumber(text) ?? text) : text),
        })}
      />
      <FormLine
        label="Reads temperatures in"
        error={errors.unit}
        options={[
          ['C', '°C'],
          ['F', '°F'],
        ]}
        {...register('unit')}
      />
    </FormDialog>
  );
}
