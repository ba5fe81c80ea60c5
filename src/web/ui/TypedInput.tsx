import { chakra } from '@chakra-ui/react';

interface TypedInputProps {
  label: string;
  placeholder: string;
  typed: string;
  /** Letters at most. */
  most: number;
  wrong: boolean;
  onTyped(text: string): void;
  onEnter(): void;
}

/** What is typed on a pad beside it, or on keys where there are some; the device’s own keyboard stays away. */
export function TypedInput({ label, placeholder, typed, most, wrong, onTyped, onEnter }: TypedInputProps) {
  return (
    <chakra.input
      aria-label={label}
      aria-invalid={wrong}
      inputMode="none"
      placeholder={placeholder}
      value={typed}
      onChange={(event) => onTyped(event.target.value.slice(0, most))}
      onKeyDown={(event) => event.key === 'Enter' && onEnter()}
      flex="1"
      minW="0"
      bg="transparent"
      borderBottomWidth="2px"
      borderColor={wrong ? 'ember' : 'strongRule'}
      fontSize={typed ? '2xl' : 'md'}
      fontWeight={typed ? 'bold' : 'normal'}
      minH="44px"
    />
  );
}
