import { Box, Flex } from '@chakra-ui/react';
import type { ReactNode } from 'react';
import { useTeacherName } from '../who/use-who';
import { papers, type PaperName } from './paper';

interface PageProps {
  paper: PaperName;
  /** Wider than tall. */
  sideways?: boolean;
  /** Stands at the foot: class, room, day. */
  foot: string;
  children: ReactNode;
}

/** One sheet of paper, as it will print: black on white whatever the screen is. */
export function Page({ paper, sideways = false, foot, children }: PageProps) {
  const teacher = useTeacherName();
  const { widthMm: shortMm, heightMm: longMm } = papers[paper];
  const [widthMm, heightMm] = sideways ? [longMm, shortMm] : [shortMm, longMm];
  return (
    <Flex
      className={sideways ? 'paper sideways light' : 'paper light'}
      direction="column"
      bg="#fff"
      color="ink"
      mx="auto"
      mb="7"
      px="15mm"
      pt="12mm"
      pb="8mm"
      fontSize="10pt"
      lineHeight="1.35"
      boxShadow="0 1px 8px rgb(43 30 21 / 25%)"
      style={{ width: `${widthMm}mm`, minHeight: `${heightMm}mm`, ...(sideways && { page: 'sideways' }) }}
    >
      <Box flex="1">{children}</Box>
      <Box mt="4mm" pt="1.5mm" borderTopWidth="1px" borderColor="strongRule" fontSize="8.5pt" color="soft">
        {[foot, teacher].filter(Boolean).join(' · ')}
      </Box>
    </Flex>
  );
}
