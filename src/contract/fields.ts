import 'reflect-metadata';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  Length,
  Matches,
  Max,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';

/*
 * The fields of the contract. Each decorator's message is what is allowed, in words; `check` puts field and
 * value before it.
 */

const all =
  (...decorators: PropertyDecorator[]): PropertyDecorator =>
  (target, key) => {
    for (const decorate of decorators) decorate(target, key);
  };

/** Text of `least` to `most` characters; blanks alone do not count. */
export function Text(most: number, least = 0): PropertyDecorator {
  const message = `text of ${least === 0 ? 'up to' : `${least} to`} ${most} characters${least > 0 ? ', not only blanks' : ''}`;
  return all(
    IsString({ message }),
    Length(0, most, { message }),
    ...(least > 0 ? [Matches(/\S/, { message })] : []),
  );
}

/** An id made by a client: a UUID, or a short name of letters, digits and dashes. */
export function Id(): PropertyDecorator {
  const message = 'an id of 1 to 80 letters, digits, dots and dashes';
  return all(IsString({ message }), Matches(/^[\w.-]{1,80}$/, { message }));
}

export function Quantity(low: number, high: number, unit = ''): PropertyDecorator {
  const message = `a number from ${low} to ${high}${unit && ` ${unit}`}`;
  return all(
    IsNumber({ allowNaN: false, allowInfinity: false }, { message }),
    Min(low, { message }),
    Max(high, { message }),
  );
}

export function Whole(low: number, high: number, unit = ''): PropertyDecorator {
  const message = `a whole number from ${low} to ${high}${unit && ` ${unit}`}`;
  return all(IsInt({ message }), Min(low, { message }), Max(high, { message }));
}

export function OneOf(options: readonly (string | number)[]): PropertyDecorator {
  return IsIn([...options], { message: `one of ${options.join(', ')}` });
}

export function Flag(): PropertyDecorator {
  return IsBoolean({ message: 'true or false' });
}

/** The field may be null; its other decorators then do not count. */
export function OrNull(): PropertyDecorator {
  return ValidateIf((_, value) => value !== null);
}

/** The field may be left out. */
export function Optional(): PropertyDecorator {
  return IsOptional();
}

/** One nested object. */
export function Part(type: () => new () => object): PropertyDecorator {
  // IsObject, because ValidateNested alone would take a list of such objects too.
  return all(IsObject({ message: 'an object' }), ValidateNested({ message: 'an object' }), Type(type));
}

/** A list of nested objects. */
export function Parts(type: () => new () => object, most: number, least = 0): PropertyDecorator {
  const message = `a list of ${least} to ${most}`;
  return all(
    IsArray({ message }),
    ArrayMinSize(least, { message }),
    ArrayMaxSize(most, { message }),
    ValidateNested({ each: true, message: 'an object' }),
    Type(type),
  );
}

/** A list of texts. */
export function Texts(most: number, length: number): PropertyDecorator {
  const message = `a list of up to ${most} texts of up to ${length} characters`;
  return all(
    IsArray({ message }),
    ArrayMaxSize(most, { message }),
    IsString({ each: true, message }),
    Length(0, length, { each: true, message }),
  );
}
