import { useMemo, type ReactNode } from 'react';
import type { Practical, RunSummary } from '../../contract/practicals';
import { useRoomChoices } from '../api/room-choices';
import { useOpenRanks } from '../margin/use-open-remarks';
import { Frame } from './Frame';
import type { KeyHelp } from './KeysHelp';
import { presentRun, stopsOf } from './stops';
import { usePrepOpen } from './use-prep-open';
import { Thread } from './Thread';

interface PracticalFrameProps {
  practical: Practical;
  /** Named in the address; else the present one. */
  runId?: string | null;
  at: 'Plan' | 'Prep' | 'Run' | 'Results' | 'Report';
  subtitle?: string;
  titleField?: ReactNode;
  keys?: readonly KeyHelp[];
  fits?: boolean;
  children: ReactNode;
}

/** The frame of everything that belongs to one practical: its title and its thread. */
export function PracticalFrame({
  practical,
  runId,
  at,
  subtitle,
  titleField,
  keys,
  fits = false,
  children,
}: PracticalFrameProps) {
  const rooms = useRoomChoices();
  const run: RunSummary | undefined =
    practical.runs.find((one) => one.id === runId) ?? presentRun(practical.runs);
  const place = rooms.find((room) => room.id === practical.plan.roomId)?.place ?? null;
  const open = useOpenRanks(practical.plan, place, rooms, run?.id);
  const prep = usePrepOpen(run);
  const thread = useMemo(() => {
    return <Thread stops={stopsOf(practical, run, open, prep)} at={at} />;
  }, [practical, run, open, at, prep]);
  return (
    <Frame
      title={practical.plan.title}
      titleField={titleField}
      {...(subtitle !== undefined && { subtitle })}
      {...(keys && { keys })}
      fits={fits}
      thread={thread}
    >
      {children}
    </Frame>
  );
}
