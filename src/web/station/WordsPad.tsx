import { chakra, Flex } from '@chakra-ui/react';
import { useState, type ReactNode } from 'react';
import type { EntryBody } from '../../core/run';
import { KeepKey } from '../ui/pad-keys';

interface WordsPadProps {
  label: string;
  placeholder: string;
  keep(text: string): EntryBody;
  onLog(body: EntryBody): Promise<unknown>;
  children?: ReactNode;
}

/** Free words and a key to keep them. */
export function WordsPad({ label, placeholder, keep, onLog, children }: WordsPadProps) {
  const [text, setText] = useState('');
  return (
    <chakra.form
      display="flex"
      flexDirection="column"
      gap="3"
      onSubmit={(event) => {
        event.preventDefault();
        if (text.trim() === '') return;
        void onLog(keep(text.trim()));
        setText('');
      }}
    >
      {children}
      <Flex gap="2" align="stretch">
        <chakra.textarea
          aria-label={label}
          placeholder={placeholder}
          value={text}
          rows={2}
          maxLength={500}
          onChange={(event) => setText(event.target.value)}
          flex="1"
          bg="sheet"
          borderWidth="1px"
          borderColor="strongRule"
          borderRadius="8px"
          p="3"
          fontSize="lg"
        />
        <KeepKey type="submit" disabled={text.trim() === ''} css={{ minW: '88px' }}>
          Keep
        </KeepKey>
      </Flex>
    </chakra.form>
  );
}
