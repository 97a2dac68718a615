import type { ShopDatabase } from '../tables/database';

/** The rules a shop was last looked through by; raised when a rule is added that older shops may break. */
const RULES_VERSION = 1;

/** Whether there is a shop that no program of these rules has looked through. */
export async function isLookDue(db: ShopDatabase): Promise<boolean> {
  return (await db.meta.get('rulesVersion'))?.value !== RULES_VERSION && (await db.records('shop').count()) > 0;
}

/** Remembers that the shop keeps all rules there are. */
export async function rememberLook(db: ShopDatabase): Promise<void> {
  await db.meta.put({ key: 'rulesVersion', value: RULES_VERSION });
}
