import { Id, OneOf, Text, Whole } from './fields';

/** A teaching group. Students are seats, not names. */
export class NewClass {
  @Id() id!: string;
  @Text(40, 1) name!: string;
  @Whole(1, 60) students!: number;
  /** What the class reads temperatures in. */
  @OneOf(['C', 'F']) unit!: 'C' | 'F';
}

export type Class = NewClass;
