import { ArrayMaxSize, ArrayMinSize, IsArray, IsIn, IsInt, IsNumber, Max, Min } from 'class-validator';
import { IsMoment } from '../base/moment';

/** Three numbers of a Lab colour, in bounds that a real one has. */
export function IsLab(): PropertyDecorator {
  return (target, key) => {
    IsArray()(target, key);
    ArrayMinSize(3)(target, key);
    ArrayMaxSize(3)(target, key);
    IsNumber({}, { each: true })(target, key);
    Min(-200, { each: true })(target, key);
    Max(200, { each: true })(target, key);
  };
}

/** How a dry swatch was read. */
export const READING_METHODS = ['picture', 'reader', 'simulatedReader', 'eye', 'typed'] as const;

/** The colour of a dry swatch, as it was read. */
export class ColourReading {
  @IsIn(READING_METHODS)
  method!: (typeof READING_METHODS)[number];

  /** CIE Lab, D65 */
  @IsLab()
  lab!: number[];

  /** readings it is the mean of */
  @IsInt()
  @Min(1)
  @Max(1000)
  count!: number;

  /** how far they lay apart, ΔE00 */
  @IsNumber()
  @Min(0)
  @Max(100)
  spread!: number;

  @IsMoment()
  atMs!: number;
}
