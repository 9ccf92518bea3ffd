import { formatMoney } from "@/core/basics/money";
import { priceOf, type PriceItem, type PriceList } from "@/core/settlement/prices";
import { Field } from "@/ui/Field";

interface Props {
  label: string;
  prices: PriceList;
  /** items of this group stand first; alone where only one category fits */
  group: PriceItem["category"];
  only?: boolean;
  currency: string;
  onPick: (item: PriceItem) => void;
}

/** Picks a line of the base's price list; nothing is shown where the base has none that fits. */
export function PricePicker({ label, prices, group, only = false, currency, onPick }: Props) {
  const fits = prices.items.filter((item) => item.category === group);
  const others = only ? [] : prices.items.filter((item) => item.category !== group && item.category !== "service");
  const items = [...fits, ...others];
  if (items.length === 0) return null;
  return (
    <Field label={label}>
      {(ids) => (
        <select
          {...ids}
          value=""
          onChange={(event) => {
            const item = items.find(({ id }) => id === event.target.value);
            if (item) onPick(item);
          }}
        >
          <option value=""></option>
          {items.map((item) => (
            <option key={item.id} value={item.id}>
              {item.words}: {formatMoney(priceOf(item, prices.labourPerHourMinor), currency)}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
