import { classValidatorResolver } from '@hookform/resolvers/class-validator';
import { useForm } from 'react-hook-form';
import { routes } from '../../contract/routes';
import { OtherPassphrase, shortestPassphrase } from '../../contract/who';
import { FormDialog } from '../ui/FormDialog';
import { FormLine } from '../ui/FormLine';
import { useDoor } from './use-who';

/** Another passphrase for oneself; whoever is signed in elsewhere under one’s name is signed out. */
export function OtherPassphraseDialog({ onClose }: { onClose(): void }) {
  const door = useDoor(routes.passphrase);
  const { register, handleSubmit, formState } = useForm<InstanceType<typeof OtherPassphrase>>({
    resolver: classValidatorResolver(OtherPassphrase),
    defaultValues: { was: '', passphrase: '' },
  });
  const { errors } = formState;
  const save = handleSubmit(async (input) => {
    await door.mutateAsync(input);
    onClose();
  });
  return (
    <FormDialog
      title="Change my passphrase"
      keep="Change it"
      failed={door.error}
      onSave={save}
      onClose={onClose}
    >
      <FormLine label="As it is now" type="password" autoComplete="current-password" {...register('was')} />
      <FormLine
        label="From now on"
        type="password"
        autoComplete="new-password"
        hint={`${shortestPassphrase} letters or more. Other places where you are signed in are signed out.`}
        error={errors.passphrase}
        {...register('passphrase')}
      />
    </FormDialog>
  );
}
