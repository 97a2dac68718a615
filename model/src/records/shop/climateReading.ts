import { IsIn, IsNumber, Max, Min } from 'class-validator';
import { IsLine, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';

/** The air at a moment, measured or forecast. */
export class ClimateReading extends Tracked {
  @IsMoment()
  atMs!: number;

  @IsNumber()
  @Min(-50)
  @Max(70)
  temperatureCelsius!: number;

  @IsNumber()
  @Min(0.1)
  @Max(100)
  relativeHumidityPercent!: number;

  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(60)
  windMetresPerSecond!: number | null;

  @IsIn(['measured', 'forecast'])
  kind!: 'measured' | 'forecast';

  /** of which air: the shop’s, or that out of doors, where it is sprayed */
  @IsIn(['shop', 'yard'])
  place!: 'shop' | 'yard';

  /** which device or hand it came from */
  @IsLine(100)
  source!: string;
}
