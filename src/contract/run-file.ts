import { IsArray } from 'class-validator';
import type { Allocation } from '../core/design';
import type { RunClock } from '../core/run';
import { NewClass } from './classes';
import { EntryDto } from './entries';
import { Id, OneOf, OrNull, Part, Parts, Quantity, Text, Whole } from './fields';
import { PlanDto } from './plan';
import { NewRoom, RoomInput } from './rooms';

export const runFileFormat = 'tawny-beaker-run';
export const runFileVersion = 1;

class PracticalPart {
  @Id() id!: string;
  @Whole(1, 1e9) revision!: number;
  @Whole(0, 1e15) savedAt!: number;
  @Part(() => PlanDto) plan!: PlanDto;
}

class AllocationPart implements Allocation {
  @Whole(1, 99) station!: number;
  @Id() levelId!: string;
}

class ClockPart implements RunClock {
  @Quantity(0, 1e15) anchorRunMs!: number;
  @Quantity(0, 1e15) anchorWallMs!: number;
  @Quantity(0, 60) speed!: number;
}

class RunPart {
  @Id() id!: string;
  @Whole(0, 1e15) startsAt!: number;
  @Whole(0, 4_294_967_295) seed!: number;
  @OneOf(['none', 'simulated']) probes!: 'none' | 'simulated';
  @Parts(() => AllocationPart, 40, 1) allocation!: AllocationPart[];
  @Part(() => RoomInput) place!: RoomInput;
  @OrNull() @Whole(0, 1e15) startedAt!: number | null;
  @OrNull() @Whole(0, 1e15) finishedAt!: number | null;
  @OrNull() @Part(() => ClockPart) clock!: ClockPart | null;
}

class EntryInFile extends EntryDto {
  @Whole(0, 1e15) arrivedAt!: number;
}

/** One run as a file: everything needed to read it again elsewhere, without loss. */
export class RunFile {
  @OneOf([runFileFormat]) format!: typeof runFileFormat;
  @OneOf([runFileVersion]) version!: typeof runFileVersion;
  @Text(40) exportedAt!: string;
  @Part(() => PracticalPart) practical!: PracticalPart;
  @Part(() => NewRoom) room!: NewRoom;
  @Part(() => NewClass) class!: NewClass;
  @Part(() => RunPart) run!: RunPart;
  @IsArray({ message: 'a list of entries' })
  @Parts(() => EntryInFile, 500_000)
  entries!: EntryInFile[];
}

/** What an import answers with. */
export interface Imported {
  runId: string;
  practicalId: string;
  entries: number;
  /** The run was here already, the same in every entry. */
  already: boolean;
}
