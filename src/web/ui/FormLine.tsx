import { Box, chakra, Flex } from '@chakra-ui/react';
import { useId, type InputHTMLAttributes, type Ref, type SelectHTMLAttributes } from 'react';
import type { FieldError } from 'react-hook-form';

interface FormLineProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'size' | 'color'> {
  label: string;
  unit?: string;
  hint?: string;
  error?: FieldError | { message?: string } | undefined;
  /** Makes it a choice of these. */
  options?: readonly (readonly [string, string])[];
  ref?: Ref<HTMLInputElement & HTMLSelectElement>;
}

const look = {
  w: '100%',
  bg: 'sheet',
  borderWidth: '1px',
  borderColor: 'strongRule',
  borderRadius: '6px',
  px: '3',
  minH: '44px',
  '&[aria-invalid=true]': { borderColor: 'ember', borderWidth: '2px' },
} as const;
const Input = chakra('input', { base: look });
const Select = chakra('select', { base: look });

/** “Altitude is “90000”; allowed: a number from −430 to 6000 m”. */
function saidOf(label: string, error: { message?: string; ref?: unknown }): string {
  const { value: typed = '', type } = (error.ref ?? {}) as { value?: string; type?: string };
  const allowed = (error.message ?? '').replace(/-(?=\d)/g, '−');
  const shown = typed === '' ? 'empty' : type === 'password' ? 'not enough' : `“${typed}”`;
  return `${label} is ${shown}; allowed: ${allowed}`;
}

/** A labelled line of a form, with what is allowed below it when the value is refused. */
export function FormLine({ label, unit, hint, error, options, ref, ...rest }: FormLineProps) {
  const id = useId();
  const shared = {
    id,
    'aria-invalid': error !== undefined,
    'aria-describedby': error || hint ? `${id}-say` : undefined,
  };
  return (
    <Box>
      <Box asChild display="block" fontWeight="semibold" fontSize="sm" mb="1">
        <label htmlFor={id}>{label}</label>
      </Box>
      <Flex align="center" gap="2">
        {options ? (
          <Select {...(rest as SelectHTMLAttributes<HTMLSelectElement>)} {...shared} ref={ref}>
            {options.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </Select>
        ) : (
          <Input autoComplete="off" {...rest} {...shared} ref={ref} />
        )}
        {unit && (
          <Box color="soft" flexShrink={0}>
            {unit}
          </Box>
        )}
      </Flex>
      {(error?.message ?? hint) && (
        <Box
          id={`${id}-say`}
          role={error ? 'alert' : undefined}
          fontSize="sm"
          mt="0.5"
          color={error ? 'ember' : 'soft'}
          fontWeight={error ? 'medium' : 'normal'}
        >
          {error?.message ? saidOf(label, error) : hint}
        </Box>
      )}
    </Box>
  );
}
