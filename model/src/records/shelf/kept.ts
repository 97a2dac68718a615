import { IsIn, IsNumber, Max, Min } from 'class-validator';
import { IsLine, Nullable } from '../base/decorators';
import { IsMoment } from '../base/moment';
import { Tracked } from '../base/tracked';
import { MOST_MONEY } from './supplier';

/** How much there is, by a look. */
export const LEVELS = ['enough', 'low', 'out'] as const;
export type Level = (typeof LEVELS)[number];

/** What is known of any single thing that stands on the shelf. */
export class Kept extends Tracked {
  /** by a look only, instead of an amount; null: the amount says it */
  @Nullable()
  @IsIn(LEVELS)
  level!: Level | null;

  /** when its amount was last measured or typed: what was done since is taken off; null: never, all that was logged is */
  @Nullable()
  @IsMoment()
  countedAtMs!: number | null;

  /** when it came; null: not known */
  @Nullable()
  @IsMoment()
  boughtAtMs!: number | null;

  /** null: not opened yet */
  @Nullable()
  @IsMoment()
  openedAtMs!: number | null;

  /** when it was last tried on a card and found good; null: never */
  @Nullable()
  @IsMoment()
  provedAtMs!: number | null;

  /** what was paid for it whole, in the shop's currency; null: not known */
  @Nullable()
  @IsNumber()
  @Min(0)
  @Max(MOST_MONEY)
  paid!: number | null;

  @IsLine()
  lot!: string;

  /** where it stands */
  @IsLine()
  place!: string;

  @IsLine()
  note!: string;
}
