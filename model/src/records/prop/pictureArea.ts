import { IsNumber, Max, Min } from 'class-validator';
import { PicturePlace } from './picturePlace';

/** A rectangle of a picture, from its upper left corner, as shares of the picture's sides. */
export class PictureArea extends PicturePlace {
  @IsNumber()
  @Min(0)
  @Max(1)
  width!: number;

  @IsNumber()
  @Min(0)
  @Max(1)
  height!: number;
}
