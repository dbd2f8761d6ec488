import { Fragment, useEffect, useRef, useState, type Key, type ReactNode } from 'react';
import { View, type TextInput } from 'react-native';
import { searchWords as w } from '@cardinex/words/search';
import { Button } from '../Button';
import { Field } from '../Field';
import { isModalOpen } from '../hand/modal';
import { useWide } from '../useWide';
import { Body } from '../Words';
import { wordsMatch } from './wordsMatch';

interface Props<Item> {
  readonly items: readonly Item[];
  readonly keyOf: (item: Item) => Key;
  /** What a search looks through. */
  readonly textOf: (item: Item) => string;
  /** What can be typed, as it stands in the empty field. */
  readonly hint: string;
  readonly draw: (item: Item) => ReactNode;
  /** How many stand side by side on a wide screen. */
  readonly columns: 2 | 3;
}

/** So many are seen at once, and need no search. */
const SEEN = { phone: 10, wide: 6 };

const WIDTHS = { 2: 'w-[calc(50%-7px)]', 3: 'w-[calc(33.333%-9.4px)]' };

/** A list in columns, with a search over it once it is longer than a look; the key `/` leads there. */
export function SearchedList<Item>({ items, keyOf, textOf, hint, draw, columns }: Props<Item>) {
  const wide = useWide();
  const [search, setSearch] = useState('');
  const found = items.filter((item) => wordsMatch(search, textOf(item)));
  const searched = items.length > (wide ? SEEN.wide : SEEN.phone) || search !== '';
  return (
    <>
      {searched ? <Search hint={hint} value={search} onChange={setSearch} /> : null}
      {items.length > 0 && found.length === 0 ? (
        <View className="mb-2.5 gap-3 rounded-lg bg-card p-4" role="status">
          <Body>{w.none(search.trim())}</Body>
          <Button label={w.clear} onPress={() => setSearch('')} />
        </View>
      ) : null}
      <View className={wide ? 'flex-row flex-wrap gap-x-3.5' : ''}>
        {found.map((item) =>
          wide ? (
            <View key={keyOf(item)} className={WIDTHS[columns]}>
              {draw(item)}
            </View>
          ) : (
            <Fragment key={keyOf(item)}>{draw(item)}</Fragment>
          ),
        )}
      </View>
    </>
  );
}

interface SearchProps {
  readonly hint: string;
  readonly value: string;
  readonly onChange: (search: string) => void;
}

function Search({ hint, value, onChange }: SearchProps) {
  const field = useRef<TextInput>(null);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const typing = event.target instanceof HTMLElement && event.target.closest('input, textarea');
      if (event.key !== '/' || typing || isModalOpen()) return;
      event.preventDefault();
      field.current?.focus();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <View className="mb-2.5 max-w-[560px]">
      <Field
        ref={field}
        label={w.label}
        hint={hint}
        bare
        inputMode="search"
        value={value}
        onChangeText={onChange}
      />
    </View>
  );
}
