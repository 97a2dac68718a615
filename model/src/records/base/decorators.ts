// The classes' decorators read types by it; whichever part of a bundle is loaded first must bring it.
import 'reflect-metadata';
import { Matches, MaxLength, ValidateIf } from 'class-validator';

/** The value may be null; other rules hold only when it is not. */
export function Nullable(): PropertyDecorator {
  return ValidateIf((_, value) => value !== null);
}

/** An identifier: letters, digits, `-` and `_`, 1–64 of them. */
export function IsRecordId(each = false): PropertyDecorator {
  return Matches(/^[A-Za-z0-9_-]{1,64}$/u, { each, message: '$property must be an id of 1 to 64 letters, digits, - or _' });
}

/** A line of text. */
export function IsLine(most = 200): PropertyDecorator {
  return (target, key) => {
    MaxLength(most)(target, key);
    // Control characters in a name have no honest use and break labels and tables.
    Matches(/^[^\u0000-\u001f\u007f]*$/u, { message: '$property must be one line of plain text' })(target, key);
  };
}

/** A colour as `#rrggbb`. */
export function IsHexColour(): PropertyDecorator {
  return Matches(/^#[0-9a-f]{6}$/u, { message: '$property must be a colour such as #a8843c' });
}
