import { shopLocale } from './formats';

/** Zones of the United States by their IANA names: a browser set to American English is used all over the world. */
const US_ZONES =
  /^(?:America\/(?:New_York|Detroit|Chicago|Menominee|Denver|Boise|Phoenix|Los_Angeles|Anchorage|Juneau|Sitka|Metlakatla|Yakutat|Nome|Adak|Indiana\/\w+|Kentucky\/\w+|North_Dakota\/\w+)|Pacific\/Honolulu|US\/\w+)$/u;

/** How somebody counts and tells the time. */
interface Habits {
  readonly units: 'metric' | 'us';
  readonly hourCycle: '24' | '12';
}

/** What one is likely used to, by the browser's language and the zone it is in: a start, to be changed in Shop. */
export function habitsOf(language: string, timeZone: string): Habits {
  const units = /^en-US$/iu.test(language) && US_ZONES.test(timeZone) ? 'us' : 'metric';
  const { hourCycle } = new Intl.DateTimeFormat(shopLocale(units, language), { hour: 'numeric' }).resolvedOptions();
  return { units, hourCycle: hourCycle === 'h12' || hourCycle === 'h11' ? '12' : '24' };
}
