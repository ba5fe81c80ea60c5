import { Box, chakra } from '@chakra-ui/react';
import { useId, useState, type KeyboardEvent } from 'react';

/** What typed text means: a value, or why it cannot be one. */
export type Parsed<T> = { value: T } | { error: string };

export interface DraftFieldProps<T> {
  label: string;
  value: T;
  format(value: T): string;
  parse(text: string): Parsed<T>;
  onValue(value: T): void;
  placeholder?: string;
  multiline?: boolean;
  /** Narrowest width in characters, for short fields. */
  chars?: number;
  align?: 'left' | 'right' | 'center';
  onEnter?(): void;
  css?: object;
}

const look = {
  background: 'transparent',
  border: 'none',
  borderBottom: '1px dashed transparent',
  borderRadius: 0,
  padding: '1px 0',
  fieldSizing: 'content',
  maxWidth: '100%',
  resize: 'none',
  '&:hover, &:placeholder-shown': { borderBottomColor: 'strongRule' },
  '&:focus': { outline: 'none', borderBottom: '1px solid', borderBottomColor: 'glass', bg: 'glassWash' },
  '&[aria-invalid=true]': { borderBottom: '2px solid', borderBottomColor: 'ember' },
} as const;

const Line = chakra('input', { base: look });
const Lines = chakra('textarea', {
  base: {
    ...look,
    display: 'block',
    width: '100%',
    lineHeight: '1.4',
    '@supports not (field-sizing: content)': { minHeight: '3em' },
  },
});

/** What stands in a field while it is typed into, beside the value of the plan. */
function useDraft<T>({ value, format, parse, onValue, multiline, onEnter }: DraftFieldProps<T>) {
  const [draft, setDraft] = useState<string | null>(null);
  const [error, setError] = useState<string | null>(null);
  /** What the value was when the field was entered, and what it last said of itself. */
  const [before, setBefore] = useState<T>(value);
  const [said, setSaid] = useState<T>(value);
  // The value moved on without this field (undo, a remedy, another window’s version): then the field shows it.
  if (draft !== null && error === null && format(said) !== format(value)) {
    setDraft(null);
    setSaid(value);
  }
  const text = draft ?? format(value);

  const change = (typed: string) => {
    setDraft(typed);
    const parsed = parse(typed);
    if ('error' in parsed) {
      setError(parsed.error);
      return;
    }
    setError(null);
    setSaid(parsed.value);
    onValue(parsed.value);
  };
  const leave = () => {
    setDraft(null);
    setError(null);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') {
      leave();
      if (format(before) !== format(value)) onValue(before);
      (event.target as HTMLElement).blur();
    }
    // What could not be a value is taken back first; the plan has nothing of it.
    if (event.key.toLowerCase() === 'z' && (event.ctrlKey || event.metaKey) && error !== null) {
      event.preventDefault();
      event.stopPropagation();
      leave();
    }
    if (event.key === 'Enter' && !event.shiftKey && (!multiline || onEnter)) {
      event.preventDefault();
      onEnter?.();
    }
  };
  return {
    text,
    error,
    change,
    onFocus: () => {
      setBefore(value);
      setSaid(value);
    },
    // Once the text is sound and the field is left, it shows the plan again (undo may have moved on).
    onBlur: () => {
      if (error === null) setDraft(null);
    },
    onKeyDown,
  };
}

/**
 * A field that reads as a line of the sheet until it is touched. What cannot be a value stays in the field with
 * the reason below it; the plan keeps its last good value, and nothing typed is lost.
 */
export function DraftField<T>(props: DraftFieldProps<T>) {
  const { label, placeholder, multiline, chars, align = 'left', css } = props;
  const id = useId();
  const { text, error, change, ...handlers } = useDraft(props);

  const shared = {
    'aria-label': label,
    'aria-invalid': error !== null,
    'aria-describedby': error === null ? undefined : id,
    value: text,
    placeholder,
    ...handlers,
  };

  return (
    <Box
      as="span"
      display={multiline ? 'block' : 'inline-block'}
      minW="0"
      maxW="100%"
      verticalAlign="baseline"
    >
      {multiline ? (
        <Lines {...shared} rows={1} css={css} onChange={(event) => change(event.target.value)} />
      ) : (
        <Line
          {...shared}
          css={{
            minWidth: `${chars ?? 1}ch`,
            textAlign: align,
            '@supports not (field-sizing: content)': { width: `${Math.max(chars ?? 1, text.length) + 1}ch` },
            ...css,
          }}
          onChange={(event) => change(event.target.value)}
        />
      )}
      {error !== null && (
        <Box as="span" id={id} role="alert" display="block" color="ember" fontSize="sm" fontWeight="medium">
          {error}
        </Box>
      )}
    </Box>
  );
}
