import type { Objective } from '@zinc-ladder/core/plan/problem/objective';
import { OBJECTIVES } from '@zinc-ladder/core/plan/problem/objective';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  Matches,
  Max,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { IsLine, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';

/** A span of local time within a day, minutes after midnight. */
export class DaySpan {
  @IsInt()
  @Min(0)
  @Max(1439)
  startMinute!: number;

  @IsInt()
  @Min(1)
  @Max(1440)
  endMinute!: number;
}

/** A span that comes back each week. */
export class WeekSpan extends DaySpan {
  /** ISO weekday: 1 Monday … 7 Sunday */
  @IsInt()
  @Min(1)
  @Max(7)
  weekday!: number;
}

/** A date with its own hours; none at all means a day off. */
export class HoursException {
  @Matches(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/u, { message: '$property must be a date such as 2026-05-28' })
  date!: string;

  @IsArray()
  @ArrayMaxSize(10)
  @ValidateNested({ each: true })
  @Type(() => DaySpan)
  spans!: DaySpan[];

  @IsLine()
  note!: string;
}

/** What the air must be before anything is sprayed. */
export class SprayLimitValues {
  @IsNumber()
  @Min(0)
  @Max(20)
  leastDewGapKelvin!: number;

  @IsNumber()
  @Min(1)
  @Max(100)
  mostHumidityPercent!: number;

  @IsNumber()
  @Min(-10)
  @Max(50)
  coldestCelsius!: number;

  @IsNumber()
  @Min(-10)
  @Max(60)
  warmestCelsius!: number;

  /** null: no wind where it is sprayed */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(30)
  mostWindMetresPerSecond!: number | null;
}

/** The course of an ordinary day, for when nothing was measured or forecast. */
export class TypicalDayValues {
  @IsNumber()
  @Min(-40)
  @Max(50)
  meanCelsius!: number;

  @IsNumber()
  @Min(0)
  @Max(25)
  swingCelsius!: number;

  @IsNumber()
  @Min(0)
  @Max(24)
  warmestHour!: number;

  @IsNumber()
  @Min(1)
  @Max(100)
  meanHumidityPercent!: number;

  @IsNumber()
  @Min(0)
  @Max(50)
  swingHumidityPercent!: number;
}

/** Time that is taken: an appointment, a holiday. Hands do nothing in it. */
export class BusyTime {
  @IsMoment()
  startMs!: number;

  @IsMoment()
  endMs!: number;

  @IsLine()
  title!: string;
}

/** A place on the earth, degrees. */
export class GeoPlace {
  @IsNumber()
  @Min(-90)
  @Max(90)
  latitude!: number;

  @IsNumber()
  @Min(-180)
  @Max(180)
  longitude!: number;
}

/** The shop: hours, places, air and how things are shown. There is one. */
export class Shop extends Tracked {
  @IsLine()
  @MinLength(1)
  name!: string;

  /** IANA name */
  @IsLine(64)
  @MinLength(1)
  timeZone!: string;

  @IsIn(['metric', 'us'])
  units!: 'metric' | 'us';

  @IsIn(['24', '12'])
  hourCycle!: '24' | '12';

  @IsArray()
  @ArrayMaxSize(50)
  @ValidateNested({ each: true })
  @Type(() => WeekSpan)
  hours!: WeekSpan[];

  @IsArray()
  @ArrayMaxSize(500)
  @ValidateNested({ each: true })
  @Type(() => HoursException)
  exceptions!: HoursException[];

  /** appointments, brought in from a calendar or typed */
  @IsArray()
  @ArrayMaxSize(5000)
  @ValidateNested({ each: true })
  @Type(() => BusyTime)
  busy!: BusyTime[];

  @IsArray()
  @ArrayMaxSize(50)
  @ValidateNested({ each: true })
  @Type(() => WeekSpan)
  sprayHours!: WeekSpan[];

  /** when power tools rest */
  @IsArray()
  @ArrayMaxSize(50)
  @ValidateNested({ each: true })
  @Type(() => WeekSpan)
  quietHours!: WeekSpan[];

  /** where it is sprayed, for the hours of daylight; null: not known */
  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => GeoPlace)
  place!: GeoPlace | null;

  /** spraying keeps to daylight, once the place is known */
  @IsBoolean()
  spraysByDaylight!: boolean;

  /** only cans are sprayed by that light and in the yard: the airbrush stays in the shop */
  @IsBoolean()
  airbrushesInside!: boolean;

  @IsObject()
  @ValidateNested()
  @Type(() => SprayLimitValues)
  sprayLimits!: SprayLimitValues;

  @IsObject()
  @ValidateNested()
  @Type(() => TypicalDayValues)
  typicalDay!: TypicalDayValues;

  /** the same out of doors, where it is sprayed there; null: it is sprayed in the air of the shop */
  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => TypicalDayValues)
  yardDay!: TypicalDayValues | null;

  /** where readings come from */
  @IsIn(['sensor', 'typed', 'typical'])
  climateSource!: 'sensor' | 'typed' | 'typical';

  /** what a plan is made for, once the dates are kept */
  @IsIn(OBJECTIVES)
  objective!: Objective;

  /** planned minutes are the finisher's own, as far as the log tells them, instead of the methods' */
  @IsBoolean()
  goesByOwnPace!: boolean;

  /** what prices are in, ISO 4217 such as `EUR`; null: none was chosen, and no price can be kept */
  @Nullable()
  @Matches(/^[A-Z]{3}$/u, { message: '$property must be a currency such as EUR' })
  currency!: string | null;

  /** what an hour of hands costs; null: nothing is reckoned for it */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(100_000)
  hourPrice!: number | null;

  /** chance that what is on the shelf is enough, that one wants to have */
  @IsNumber()
  @Min(0.5)
  @Max(0.999)
  shelfChance!: number;

  /** days a parcel takes where no supplier is named */
  @IsInt()
  @Min(0)
  @Max(365)
  parcelDays!: number;

  /** share of light a glossy surface mirrors that readings of colour see; 0 where they leave gloss out */
  @IsNumber()
  @Min(0)
  @Max(0.05)
  mirroredShare!: number;

  /** how many pieces are printed at once */
  @IsInt()
  @Min(1)
  @Max(50)
  printers!: number;

  @IsInt()
  @Min(1)
  @Max(20)
  boothPlaces!: number;

  @IsInt()
  @Min(1)
  @Max(200)
  rackPlaces!: number;
}
