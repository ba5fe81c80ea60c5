import { registerDecorator } from 'class-validator';
import type { AmountUnit } from '../core/formula';
import { amountUnits } from '../core/formula';
import {
  levelLabel,
  type Dismissal,
  type Endpoint,
  type Factor,
  type FactorKind,
  type HeldConstant,
  type Ingredient,
  type Level,
  type NotedVariable,
  type Plan,
  type Response,
  type Step,
  type StepWhen,
  type Thermometer,
} from '../core/practical';
import { hazardIds, type HazardId } from '../core/safety';
import { Flag, Id, OneOf, OrNull, Part, Parts, Quantity, Text, Texts, Whole } from './fields';
import { IsArray, IsIn } from 'class-validator';

class LevelDto implements Level {
  @Id() id!: string;
  @OrNull() @Quantity(-1e6, 1e6) value!: number | null;
  @Text(60) words!: string;
  @Flag() control!: boolean;
}

/** No two levels that read the same. */
function DistinctLevels(): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'distinctLevels',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: {
        validate: (levels: unknown, args) => repeatedLevel(args!.object as Factor, levels) === null,
        defaultMessage: (args) =>
          `each level once; “${repeatedLevel(args!.object as Factor, args!.value)}” is there twice`,
      },
    });
}

/** The label of a level that stands twice in a factor, or null. */
export function repeatedLevel(factor: Factor, levels: unknown): string | null {
  if (!Array.isArray(levels)) return null;
  const seen = new Set<string>();
  for (const level of levels as (Partial<Level> | null)[]) {
    // What is no level is refused by its own field.
    if (!isLevel(level)) continue;
    const label = levelLabel(factor, level).trim().toLowerCase();
    if (seen.has(label)) return levelLabel(factor, level);
    seen.add(label);
  }
  return null;
}

const isLevel = (level: Partial<Level> | null): level is Level =>
  typeof level === 'object' &&
  (level?.value === null || typeof level?.value === 'number') &&
  typeof level.words === 'string';

class FactorDto implements Factor {
  @Text(80) name!: string;
  @OneOf(['target', 'number', 'words']) kind!: FactorKind;
  @Text(20) unit!: string;
  @Parts(() => LevelDto, 12) @DistinctLevels() levels!: LevelDto[];
}

class ResponseDto implements Response {
  @Id() id!: string;
  @Text(80, 1) name!: string;
  @Text(20) unit!: string;
  @Text(120) instrument!: string;
  @OrNull() @Quantity(1e-6, 1e6) smallestDivision!: number | null;
}

class HeldConstantDto implements HeldConstant {
  @Id() id!: string;
  @Text(120, 1) what!: string;
  @Text(200) how!: string;
}

class NotedVariableDto implements NotedVariable {
  @Id() id!: string;
  @Text(120, 1) what!: string;
}

class IngredientDto implements Ingredient {
  @Id() id!: string;
  @Text(80, 1) name!: string;
  @OrNull() @Quantity(0, 100_000) amount!: number | null;
  @OneOf(amountUnits) unit!: AmountUnit;
  @Text(120) job!: string;
}

class StepDto implements Step {
  @Id() id!: string;
  @Text(600, 1) text!: string;
  @OneOf(['hands-on', 'waiting']) hands!: 'hands-on' | 'waiting';
  @OneOf(['before', 'lesson', 'after']) when!: StepWhen;
  @OrNull() @Quantity(0, 10_080, 'min') minutes!: number | null;
  @OrNull() @Quantity(0, 10_080, 'min') lookAt!: number | null;
  @EndpointField() endpoint!: Endpoint;
  @IsArray({ message: 'a list of hazards' })
  @IsIn(hazardIds, { each: true, message: `any of ${hazardIds.join(', ')}` })
  hazards!: HazardId[];
  @Text(60) event!: string;
}

const endpointKinds =
  'one of {kind: time}, {kind: appearance, look}, {kind: level}, {kind: temperature, celsius −90 to 400, basis sea-level or as-read}';

/** An endpoint is one of four shapes, told apart by its kind. */
function EndpointField(): PropertyDecorator {
  return (target, propertyName) =>
    registerDecorator({
      name: 'endpoint',
      target: target.constructor,
      propertyName: propertyName as string,
      validator: { validate: isEndpoint, defaultMessage: () => endpointKinds },
    });
}

function isEndpoint(value: unknown): value is Endpoint {
  if (typeof value !== 'object' || value === null) return false;
  const endpoint = value as Record<string, unknown>;
  const keys = Object.keys(endpoint).length;
  switch (endpoint.kind) {
    case 'time':
    case 'level':
      return keys === 1;
    case 'appearance':
      return keys === 2 && typeof endpoint.look === 'string' && endpoint.look.length <= 200;
    case 'temperature':
      return (
        keys === 3 &&
        typeof endpoint.celsius === 'number' &&
        endpoint.celsius >= -90 &&
        endpoint.celsius <= 400 &&
        (endpoint.basis === 'sea-level' || endpoint.basis === 'as-read')
      );
    default:
      return false;
  }
}

class ThermometerDto implements Thermometer {
  @OneOf(['syrup', 'food', 'none']) in!: 'syrup' | 'food' | 'none';
  @Quantity(0.01, 10, '°C') smallestDivisionC!: number;
}

class DismissalDto implements Dismissal {
  @Text(200, 1) remark!: string;
  @Text(300, 1) reason!: string;
}

/** A practical as it is planned, as it crosses the wire. */
export class PlanDto implements Plan {
  @Text(120, 1) title!: string;
  @Text(400) question!: string;
  @Text(400) prediction!: string;
  @Text(400) reason!: string;
  @Part(() => FactorDto) factor!: FactorDto;
  @Parts(() => ResponseDto, 12) responses!: ResponseDto[];
  @Parts(() => HeldConstantDto, 20) held!: HeldConstantDto[];
  @Parts(() => NotedVariableDto, 20) noted!: NotedVariableDto[];
  @Parts(() => IngredientDto, 40) formula!: IngredientDto[];
  @Parts(() => StepDto, 40) steps!: StepDto[];
  @Part(() => ThermometerDto) thermometer!: ThermometerDto;
  @OrNull() @Id() roomId!: string | null;
  @Whole(1, 40) stations!: number;
  @OneOf(['shuffled', 'as-listed']) order!: 'shuffled' | 'as-listed';
  @Whole(5, 480, 'min') periodMinutes!: number;
  @Whole(0, 240, 'min') briefingMinutes!: number;
  @Whole(0, 240, 'min') clearUpMinutes!: number;
  @Texts(20, 400) studentQuestions!: string[];
  @Parts(() => DismissalDto, 100) dismissed!: DismissalDto[];
}
