import { WordButton } from '../ui/Button';

interface UseButtonProps {
  /** What goes into the field. */
  text: string;
  /** Name of the field; null where one came from none. */
  uses: string | null;
  /** The value that Ctrl Enter takes. */
  main?: boolean;
  onUse(text: string): void;
}

/** “use this here”: puts a value into the field one came from. */
export function UseButton({ text, uses, main = false, onUse }: UseButtonProps) {
  if (uses === null) return null;
  return (
    <WordButton
      fontSize="sm"
      aria-label={`use ${text} in ${uses}`}
      {...(main && { 'data-main-use': true })}
      onClick={() => onUse(text)}
    >
      use this here
    </WordButton>
  );
}
