/** Names of the calendars every shop's problem has. */
export const HANDS = 'hands';
export const SPRAYING = 'spraying';
/** of the airbrush, in a shop that keeps it inside */
export const AIRBRUSHING = 'airbrushing';
export const LOUD = 'loud';

/** Separates the name of a calendar from the air limits of a product in a calendar's id. */
const MARK = '/';

/** Separates the name of a calendar from the persons whose hours it holds, and these from each other. */
const WHOSE = '@';

/** Name of a calendar with the hours of some persons. */
export function personalId(sharedId: string, personIds: readonly string[]): string {
  return [sharedId, ...personIds].join(WHOSE);
}

/** Name of a calendar cut to the air a product can be laid on in. */
export function cutCalendarId(sharedId: string, asked: readonly (number | string)[]): string {
  return [sharedId, ...asked].join(MARK);
}

/** Whether work of a calendar is spraying, however far its product narrows it. */
export function isSprayCalendar(id: string | null): boolean {
  const kind = kindOf(id);
  return kind === SPRAYING || kind === AIRBRUSHING;
}

/** Whether work of a calendar is spraying where cans are, which may be out of doors. */
export function isOutCalendar(id: string | null): boolean {
  return kindOf(id) === SPRAYING;
}

function kindOf(id: string | null): string | undefined {
  return id?.split(MARK)[0]?.split(WHOSE)[0];
}

/** Whether a calendar is narrower than its hours because of the air a product asks for. */
export function isCutByProduct(id: string | null): boolean {
  return id?.includes(MARK) ?? false;
}
