import type { Spec } from './shape';

/** What a field allows, in words. */
export function allowedIn(spec: Spec): string {
  switch (spec.kind) {
    case 'text':
      return `text of ${spec.least === 0 ? 'up to' : `${spec.least} to`} ${spec.most} characters${spec.least > 0 ? ', not only blanks' : ''}`;
    case 'id':
      return 'an id of 1 to 80 letters, digits, dots and dashes';
    case 'number':
      return `${spec.whole ? 'a whole number' : 'a number'} from ${spec.low} to ${spec.high}${spec.unit && ` ${spec.unit}`}`;
    case 'choice':
      return `one of ${spec.options.join(', ')}`;
    case 'flag':
      return 'true or false';
    case 'nullable':
    case 'refined':
      return allowedIn(spec.inner);
    case 'list':
      return `a list of ${spec.least} to ${spec.most}`;
    case 'record':
      return 'an object';
    case 'union':
      return `an object whose ${spec.tag} is one of ${Object.keys(spec.variants).join(', ')}`;
  }
}
