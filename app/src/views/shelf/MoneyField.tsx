import { MOST_MONEY } from '@zinc-ladder/model/records/shelf/supplier';
import type { Shop } from '@zinc-ladder/model/records/shop/shop';
import { useEdit } from '../../features/edit/useEdit';
import { checkNumber, InlineField, parseNumber, SelectField } from '../../ui/fields/fields';

/** Currencies this browser knows; where it tells none, those finishers ask for first. */
const CURRENCIES: readonly string[] =
  typeof Intl.supportedValuesOf === 'function' ? Intl.supportedValuesOf('currency') : ['EUR', 'USD', 'GBP', 'DKK', 'SEK', 'NOK', 'CHF'];

/** A price in the shop's currency. Without a currency that is asked for first: a price without one says nothing. */
export function MoneyField({
  label,
  value,
  shop,
  onKeep,
  mayBeEmpty = true,
}: {
  readonly label: string;
  readonly value: number | null;
  readonly shop: Shop;
  readonly onKeep: (value: number | null) => void;
  readonly mayBeEmpty?: boolean;
}) {
  if (shop.currency === null) return <CurrencyField shop={shop} label={`${label}: in what currency?`} />;
  return (
    <InlineField
      label={`${label}, ${shop.currency}`}
      value={value === null ? '' : value.toFixed(2)}
      inputMode="decimal"
      className="figure"
      check={(text) => checkNumber(text, { min: 0, max: MOST_MONEY, mayBeEmpty })}
      onKeep={(text) => onKeep(text.trim() === '' ? null : Math.round(parseNumber(text) * 100) / 100)}
    />
  );
}

/** What the shop's prices are in. */
export function CurrencyField({ shop, label = 'Prices are in' }: { readonly shop: Shop; readonly label?: string }) {
  const edit = useEdit();
  const options = shop.currency === null ? [['', 'choose…'] as const] : [];
  return (
    <SelectField
      label={label}
      value={shop.currency ?? ''}
      options={[...options, ...CURRENCIES.map((code) => [code, code] as const)]}
      onChange={(currency) =>
        void edit('Choose the currency', (change) => change.patch('shop', shop.id, { currency: currency === '' ? null : currency }, shop))
      }
    />
  );
}
