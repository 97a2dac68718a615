import { PRODUCT_CLASSES } from '@zinc-ladder/core/cure/productClasses';
import type { SightedStage } from '@zinc-ladder/core/cure/learnDrying';
import { SIGHTED_STAGES } from '@zinc-ladder/core/cure/learnDrying';
import type { PigmentId } from '@zinc-ladder/core/colour/pigment/pigmentKinds';
import { PIGMENT_KINDS } from '@zinc-ladder/core/colour/pigment/pigmentKinds';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsObject,
  Max,
  MaxLength,
  Min,
  MinLength,
  ValidateNested,
} from 'class-validator';
import type { PaintEffect } from '@zinc-ladder/core/colour/nearestPaints';
import { IsLab } from '../colour/colourReading';
import { IsHexColour, IsLine, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';

/** Values of a product class that a product may override. */
export const OVERRIDABLE = [
  'coatMicrometres',
  'touchMinutes',
  'recoatFromMinutes',
  'recoatUntilMinutes',
  'recoatAgainMinutes',
  'handleMinutes',
  'sandMinutes',
  'tapeMinutes',
  'hardMinutes',
  'minimumFilmCelsius',
  'volumeSolids',
  'densityKgPerLitre',
  'coldestCelsius',
  'warmestCelsius',
  'mostHumidityPercent',
] as const;

/** Name of a value that can be overridden. */
export type OverridableField = (typeof OVERRIDABLE)[number];

/** A value that stands in for the class default, with where it came from. */
export class ProductValue {
  @IsIn(OVERRIDABLE)
  field!: OverridableField;

  /** null: the product has no such time */
  @Nullable()
  @IsNumber()
  @Min(-50)
  @Max(1_000_000)
  value!: number | null;

  @IsIn(['label', 'entered', 'observed'])
  origin!: 'label' | 'entered' | 'observed';

  @IsLine()
  note!: string;
}

/** A film of it that was tried by hand: whether it had come to a stage by then. */
export class DryingSighting {
  @IsIn(SIGHTED_STAGES)
  stage!: SightedStage;

  /** it had; else it had not yet */
  @IsBoolean()
  isReached!: boolean;

  /** what it had gained by then since the end of the coat, minutes at label conditions */
  @IsNumber()
  @Min(0)
  @Max(10_000_000)
  elapsedMinutes!: number;

  /** what the stage asks of such a film as long as nothing is learned, minutes at label conditions */
  @IsNumber()
  @Min(0.01)
  @Max(10_000_000)
  expectedMinutes!: number;

  @IsMoment()
  atMs!: number;
}

/** A can of it that was weighed: what the log had reckoned since the time before, and what had really gone. */
export class CanWeighing {
  @IsNumber()
  @Min(0.001)
  @Max(100_000)
  reckonedMillilitres!: number;

  @IsNumber()
  @Min(0.001)
  @Max(100_000)
  usedMillilitres!: number;

  @IsMoment()
  atMs!: number;
}

/** In which parts by volume a product is mixed of two. */
export class MixParts {
  @IsNumber()
  @Min(0.01)
  @Max(1000)
  partsA!: number;

  @IsNumber()
  @Min(0.01)
  @Max(1000)
  partsB!: number;
}

/** A paint, primer, filler, adhesive or clear. */
export class Product extends Tracked {
  @IsLine()
  @MinLength(1)
  name!: string;

  @IsIn(PRODUCT_CLASSES.map((entry) => entry.id))
  classId!: string;

  /** colour of the dry film; null where it has none of its own */
  @Nullable()
  @IsHexColour()
  colourHex!: string | null;

  @IsIn(['matte', 'eggshell', 'satin', 'semi', 'gloss', 'none'])
  sheen!: 'matte' | 'eggshell' | 'satin' | 'semi' | 'gloss' | 'none';

  @IsArray()
  @ArrayMaxSize(OVERRIDABLE.length)
  @ValidateNested({ each: true })
  @Type(() => ProductValue)
  values!: ProductValue[];

  /** what its film does with light beside absorbing some */
  @IsIn(['none', 'metallic', 'candy', 'fluorescent'])
  effect!: PaintEffect;

  /** colour of the dry, hiding film as it was read, CIE Lab D65; null: by `colourHex` */
  @Nullable()
  @IsLab()
  lab!: number[] | null;

  /** what colours it; null: as its colour speaks for */
  @Nullable()
  @IsIn(PIGMENT_KINDS.map((kind) => kind.id))
  pigmentId!: PigmentId | null;

  /** tinting strength, white is 1, as cards taught it or somebody typed it; null: as is usual for its kind of pigment */
  @Nullable()
  @IsNumber()
  @Min(0.01)
  @Max(100)
  strength!: number | null;

  /** S·X of one coat, from a card over black and white; null: guessed from its thickness */
  @Nullable()
  @IsNumber()
  @Min(0.01)
  @Max(100)
  scatterPerCoat!: number | null;

  /** Lab dry minus Lab wet, where someone looked; null: not known */
  @Nullable()
  @IsLab()
  dryingShift!: number[] | null;

  /** what its films showed in this shop: how fast it really dries */
  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => DryingSighting)
  sightings!: DryingSighting[];

  /** what its cans weighed: how much of it really goes here */
  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => CanWeighing)
  weighings!: CanWeighing[];

  /** how it is mixed of cans A and B; null: it is not kept in halves */
  @Nullable()
  @IsObject()
  @ValidateNested()
  @Type(() => MixParts)
  mixParts!: MixParts | null;

  /** how long it keeps closed and opened, months, by its label; null: as is usual for its class */
  @Nullable()
  @IsNumber()
  @Min(0.1)
  @Max(1200)
  closedMonths!: number | null;

  @Nullable()
  @IsNumber()
  @Min(0.1)
  @Max(1200)
  openedMonths!: number | null;

  /** not on the shelf, but may be bought */
  @IsBoolean()
  mayBeBought!: boolean;

  @MaxLength(4000)
  note!: string;
}
