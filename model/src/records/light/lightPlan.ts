import { CELLS } from '@zinc-ladder/core/light/batteryHours';
import type { LedColour } from '@zinc-ladder/core/light/glowColour';
import { LED_COLOURS } from '@zinc-ladder/core/light/glowColour';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsNumber,
  IsObject,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { IsHexColour, IsLine, IsRecordId, Nullable } from '../base/decorators';
import { Tracked } from '../base/tracked';

/** A cell of a kind, or a supply of a fixed voltage. */
export const SUPPLY_IDS = [...(Object.keys(CELLS) as (keyof typeof CELLS)[]), 'fixed'] as const;
/** How LEDs come: single ones in strings, a strip of a fixed voltage, or one whose LEDs are told each by itself. */
export const LIGHT_KINDS = ['singles', 'strip', 'addressable'] as const;
const ENDS = ['in', 'out'] as const;

/** A place in the prop, mm. */
export class LightSpot {
  @IsNumber()
  @Min(-10_000)
  @Max(10_000)
  x!: number;

  @IsNumber()
  @Min(-10_000)
  @Max(10_000)
  y!: number;

  @IsNumber()
  @Min(-10_000)
  @Max(10_000)
  z!: number;
}

/** LEDs that sit together: data goes in at one end and out at the other. */
export class LightGroup {
  @IsRecordId()
  id!: string;

  @IsLine()
  @MinLength(1)
  name!: string;

  @IsObject()
  @ValidateNested()
  @Type(() => LightSpot)
  in!: LightSpot;

  @IsObject()
  @ValidateNested()
  @Type(() => LightSpot)
  out!: LightSpot;

  @IsBoolean()
  hasPower!: boolean;

  @IsBoolean()
  hasGround!: boolean;
}

/** A data wire between two groups, or from the controller. */
export class LightWire {
  /** null: the controller */
  @Nullable()
  @IsRecordId()
  fromId!: string | null;

  @IsIn(ENDS)
  fromEnd!: 'in' | 'out';

  @IsRecordId()
  toId!: string;

  @IsIn(ENDS)
  toEnd!: 'in' | 'out';
}

/** What lights a prop, or a part of it. What it comes to is computed. */
export class LightPlan extends Tracked {
  @IsRecordId()
  propId!: string;

  /** the part whose ladder its rungs stand on and whose skin it shines through; null: not said */
  @Nullable()
  @IsRecordId()
  partId!: string | null;

  @IsLine()
  @MinLength(1)
  name!: string;

  @IsIn(LIGHT_KINDS)
  kind!: (typeof LIGHT_KINDS)[number];

  @IsIn(SUPPLY_IDS)
  supplyId!: (typeof SUPPLY_IDS)[number];

  /** cells one after the other; of a fixed supply 1 */
  @IsInt()
  @Min(1)
  @Max(100)
  cells!: number;

  /** of a fixed supply */
  @IsNumber()
  @Min(0)
  @Max(60)
  fixedVolts!: number;

  /** what the cells hold, mAh; null: as such cells usually do */
  @Nullable()
  @IsNumber()
  @Min(0.1)
  @Max(1_000_000)
  milliampHours!: number | null;

  /** share of it that can be used, by cold and age */
  @IsNumber()
  @Min(0.05)
  @Max(1)
  usable!: number;

  /** share of full light it is run at */
  @IsNumber()
  @Min(0.01)
  @Max(1)
  brightness!: number;

  @IsIn(LED_COLOURS)
  colour!: LedColour;

  @IsInt()
  @Min(0)
  @Max(10_000)
  leds!: number;

  /** LEDs one after the other in a string of singles */
  @IsInt()
  @Min(1)
  @Max(100)
  inRow!: number;

  @IsNumber()
  @Min(0)
  @Max(5000)
  milliampsEach!: number;

  /** from one LED to the next, mm */
  @IsNumber()
  @Min(0.1)
  @Max(10_000)
  pitchMillimetres!: number;

  /** full angle of half light, degrees */
  @IsNumber()
  @Min(1)
  @Max(170)
  beamDegrees!: number;

  /** copper of a strip from one LED to the next, both rails, Ω */
  @IsNumber()
  @Min(0)
  @Max(100)
  ohmsPerLed!: number;

  /** places of a strip where it is fed, counted from 0 */
  @IsArray()
  @ArrayMaxSize(50)
  @IsInt({ each: true })
  @Min(0, { each: true })
  @Max(9999, { each: true })
  feeds!: number[];

  /** lead from the supply, one way, mm, and its section, mm² */
  @IsNumber()
  @Min(0)
  @Max(100_000)
  leadMillimetres!: number;

  @IsNumber()
  @Min(0.005)
  @Max(100)
  squareMillimetres!: number;

  /** LEDs of a strip between two of the marks it is cut at */
  @IsInt()
  @Min(1)
  @Max(100)
  cutEvery!: number;

  /** rows side by side that the LEDs lie in; of LEDs that do not share out evenly the last row has fewer */
  @IsInt()
  @Min(1)
  @Max(100)
  rows!: number;

  /** from one row to the next, mm */
  @IsNumber()
  @Min(0.1)
  @Max(10_000)
  rowMillimetres!: number;

  /** from LEDs to skin, mm */
  @IsNumber()
  @Min(0)
  @Max(10_000)
  distanceMillimetres!: number;

  /** sheets of foam in between */
  @IsInt()
  @Min(0)
  @Max(20)
  foamSheets!: number;

  /** colour of the skin against white paper; null: nothing, or clear */
  @Nullable()
  @IsHexColour()
  skinHex!: string | null;

  /** surface it can give its heat off by, cm²; null: of the part */
  @Nullable()
  @IsNumber()
  @Min(0.1)
  @Max(1_000_000)
  heatAreaSquareCentimetres!: number | null;

  /** a part that is to stay dark beside it; null: none */
  @Nullable()
  @IsRecordId()
  darkPartId!: string | null;

  /** how thick its wall is, mm */
  @IsNumber()
  @Min(0)
  @Max(1000)
  wallMillimetres!: number;

  /** how far a seam of that part stands open, mm; 0: closed */
  @IsNumber()
  @Min(0)
  @Max(100)
  seamMillimetres!: number;

  /** a lip lies behind the seam */
  @IsBoolean()
  hasLip!: boolean;

  /** the seam's faces are black */
  @IsBoolean()
  isSeamBlack!: boolean;

  /** flashes a second; null: it does not flash */
  @Nullable()
  @IsNumber()
  @Min(0.01)
  @Max(1000)
  flashHertz!: number | null;

  /** pulses it is dimmed by, a second; null: it is not dimmed by pulses */
  @Nullable()
  @IsNumber()
  @Min(1)
  @Max(1_000_000)
  pulseHertz!: number | null;

  @IsObject()
  @ValidateNested()
  @Type(() => LightSpot)
  controller!: LightSpot;

  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => LightGroup)
  groups!: LightGroup[];

  @IsArray()
  @ArrayMaxSize(400)
  @ValidateNested({ each: true })
  @Type(() => LightWire)
  wires!: LightWire[];

  /** rungs it put on the part's ladder */
  @IsArray()
  @ArrayMaxSize(20)
  @IsRecordId(true)
  rungIds!: string[];

  @MaxLength(4000)
  note!: string;
}
