import { useMemo, type ReactNode } from 'react';
import type { Practical, RunSummary } from '../../contract/practicals';
import { useRoomChoices } from '../api/room-choices';
import { useOpenRemarks } from '../margin/use-open-remarks';
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
  const remarks = useOpenRemarks(practical.plan, place, rooms);
  const prep = usePrepOpen(run);
  const thread = useMemo(() => {
    const ranks = remarks.map((remark) => remark.rank);
    return <Thread stops={stopsOf(practical, run, ranks, prep)} at={at} />;
  }, [practical, run, remarks, at, prep]);
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
