import { IsNumber, Max, Min } from 'class-validator';

/** A place on a picture, as shares of its sides. */
export class PicturePlace {
  @IsNumber()
  @Min(0)
  @Max(1)
  x!: number;

  @IsNumber()
  @Min(0)
  @Max(1)
  y!: number;
}
