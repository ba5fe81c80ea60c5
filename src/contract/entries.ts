import 'reflect-metadata';
import { Type } from 'class-transformer';
import { IsIn, IsObject, ValidateNested } from 'class-validator';
import type { Entry, EntryBody, ObservationTime, Sense } from '../core/run';
import { readingRangeC } from '../core/trace';
import { Id, OneOf, OrNull, Parts, Quantity, Text, Whole } from './fields';

const kinds = ['reading', 'observation', 'event', 'measurement', 'deviation', 'timer'] as const;
const allKinds = [...kinds, 'correction'] as const;

abstract class BodyDto {
  @IsIn([...allKinds], { message: `one of ${allKinds.join(', ')}` }) kind!: (typeof allKinds)[number];
}

class ReadingDto extends BodyDto {
  @Quantity(readingRangeC.low, readingRangeC.high, '°C') celsius!: number;
  @Whole(1, 9) probe!: number;
  @OneOf(['C', 'F']) unit!: 'C' | 'F';
  @OneOf(['typed', 'probe']) source!: 'typed' | 'probe';
}

class ObservationDto extends BodyDto {
  @Text(500, 1) text!: string;
  @OneOf(['before', 'during', 'after']) when!: ObservationTime;
  @OrNull() @OneOf(['appearance', 'colour', 'texture', 'smell', 'sound']) sense!: Sense | null;
}

class EventDto extends BodyDto {
  @Text(200, 1) text!: string;
  @OrNull() @Id() stepId!: string | null;
}

class MeasurementDto extends BodyDto {
  @OrNull() @Id() responseId!: string | null;
  @Text(80, 1) name!: string;
  @Quantity(-1e9, 1e9) value!: number;
  @Text(20) unit!: string;
}

class DeviationDto extends BodyDto {
  @Text(500, 1) text!: string;
}

class TimerDto extends BodyDto {
  @Text(600) label!: string;
  @Quantity(0.01, 600, 'min') minutes!: number;
  @OrNull() @Quantity(0.01, 600, 'min') lookAt!: number | null;
}

const recorded = [
  { name: 'reading', value: ReadingDto },
  { name: 'observation', value: ObservationDto },
  { name: 'event', value: EventDto },
  { name: 'measurement', value: MeasurementDto },
  { name: 'deviation', value: DeviationDto },
  { name: 'timer', value: TimerDto },
];

class CorrectionDto extends BodyDto {
  @Id() corrects!: string;
  @OrNull()
  @IsObject({ message: 'an entry body, or null' })
  @ValidateNested({ message: 'an entry body, or null' })
  @Type(() => BodyDto, {
    discriminator: { property: 'kind', subTypes: recorded },
    keepDiscriminatorProperty: true,
  })
  to!: BodyDto | null;
}

/** One entry of a run's notebook, as it crosses the wire. */
export class EntryDto implements Omit<Entry, 'body'> {
  @Id() id!: string;
  @OrNull() @Whole(1, 99) station!: number | null;
  @Whole(946_684_800_000, 4_102_444_800_000, 'ms since 1970') at!: number;
  @Whole(-900, 900, 'min') offset!: number;
  @IsObject({ message: 'an entry body with a known kind' })
  @ValidateNested({ message: 'an entry body with a known kind' })
  @Type(() => BodyDto, {
    discriminator: {
      property: 'kind',
      subTypes: [...recorded, { name: 'correction', value: CorrectionDto }],
    },
    keepDiscriminatorProperty: true,
  })
  body!: EntryBody;
}

/** Most entries in one batch. */
export const batchSize = 1000;

/** A batch: all of it is kept, or none. */
export class EntryBatch {
  @Parts(() => EntryDto, batchSize, 1) entries!: EntryDto[];
}

export interface BatchReceipt {
  /** Ids kept now. */
  kept: string[];
  /** Ids that were here before. */
  already: string[];
}

/** An entry as the server tells it: with its place in the log and the time it arrived. */
export interface LoggedEntry extends Entry {
  seq: number;
  arrivedAt: number;
}
