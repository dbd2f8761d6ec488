import type { Locator, Page } from '@playwright/test';
import type { EngineSheet } from '../../core/sheet/engineSheet';
import type { FastenedSet, SheetFastener } from '../../core/sheet/spec/fastening';
import { patternOf, placeText, type Path } from '../../core/sheet/draftPath';
import {
  branchFor,
  branchesOf,
  discriminatorOf,
  nameOf,
  resolved,
  sheetSchema,
  type SchemaNode,
} from '../../contract/sheets/schemaNodes';
import { entrySteps, entryWords as w } from '../../words/en/sheets/entry';
import { choiceLabel, fieldLabel, labelOf } from '../../words/en/sheets/fields';
import type { AssemblyAct } from '../../core/sheet/spec/assembly';
import { atStart } from '../../words/en/kit';
import { assemblyActName } from '../../words/en/pieces';
import { sheetsWords } from '../../words/en/sheets/screen';

type Held = Readonly<Record<string, unknown>>;

/**
 * Someone who enters a whole sheet through the screens, field by field, as a mechanic would from the
 * book: what is drawn is made and tapped, what is printed is typed, and each figure gets its page.
 */
export class Typist {
  /** What is clamped is chosen once the pieces are there. */
  private readonly clamps: [Path, readonly string[]][] = [];

  constructor(
    private readonly page: Page,
    private readonly sheet: EngineSheet,
  ) {}

  /** Every part of the sheet, the draft's first screen open at the start and at the end. */
  async enterAll(): Promise<void> {
    const sheet = this.sheet as unknown as Held;
    const { properties = {}, required = [] } = sheetSchema();
    for (const { title, fields } of entrySteps) {
      const given = fields.filter((field) => sheet[field] !== undefined);
      if (given.length === 0) continue;
      await this.page.getByRole('button', { name: new RegExp(`^${title}`) }).click();
      for (const field of given) {
        await this.at([field]).waitFor();
        const optional = !required.includes(field) && fields.length > 1;
        await this.node(properties[field] ?? {}, sheet[field], [field], optional);
      }
      await this.page.getByRole('button', { name: w.parts, exact: true }).first().click();
    }
    await this.clamp();
  }

  private async clamp(): Promise<void> {
    const part = entrySteps.find(({ fields }) => fields.includes('fastenedSets'))?.title ?? '';
    if (this.clamps.length === 0) return;
    await this.page.getByRole('button', { name: new RegExp(`^${part}`) }).click();
    for (const [path, references] of this.clamps) {
      for (const reference of references) await this.reference(this.at(path), reference);
      await this.press(this.at(path), w.enough);
    }
    await this.page.getByRole('button', { name: w.parts, exact: true }).first().click();
  }

  private async node(node: SchemaNode, value: unknown, path: Path, optional = true): Promise<void> {
    if (value === undefined || (await this.special(value, path))) return;
    const at = this.at(path);
    const name = nameOf(node) ?? '';
    const shape = resolved(node);
    const branches = branchesOf(node);
    if (name.endsWith('Figure')) return this.figure(at, value as Held);
    if (name.startsWith('Printed')) return this.printed(at, node, value as Held, path);
    if (branches.some((branch) => branch.type === 'null')) {
      return value === null ? this.press(at, w.none) : this.type(at, value);
    }
    const constants = branches.length > 0 && branches.every((schema) => schema.const !== undefined);
    if (shape.enum || constants) return this.press(at, choiceLabel(value));
    if (branches.length > 0) return this.union(branches, value as Held, path);
    if (shape.type === 'object') return this.object(shape, value as Held, path, optional);
    if (shape.type === 'array') return this.list(shape, value as readonly unknown[], path);
    if (shape.type === 'boolean') return this.press(at, value === true ? w.yes : w.no);
    return this.type(at, value);
  }

  private async object(shape: SchemaNode, value: Held, path: Path, optional: boolean) {
    const open = this.at(path).getByRole('button', { name: w.addPart(labelOf(path)), exact: true });
    if (optional && (await open.count()) > 0) await open.first().click();
    await this.fields(shape, value, path);
  }

  private async fields(shape: SchemaNode, value: Held, path: Path, except?: string) {
    const sourced = shape.required?.includes('from') === true;
    const canBeSourced = shape.properties?.from !== undefined;
    for (const [key, inner] of Object.entries(shape.properties ?? {})) {
      if (key === 'id' || key === except || (canBeSourced && (key === 'from' || key === 'source')))
        continue;
      await this.node(inner, value[key], [...path, key], !shape.required?.includes(key));
    }
    if (sourced) await this.origin(this.at(path), value);
  }

  private async union(branches: readonly SchemaNode[], value: Held, path: Path) {
    const by = discriminatorOf(branches);
    const branch = branchFor(branches, value) ?? {};
    if (by) {
      await this.press(this.at(path), choiceLabel(value[by.key]));
      return this.fields(branch, value, path, by.key);
    }
    const keys = Object.keys(branch.properties ?? {}).filter((k) => k !== 'from' && k !== 'source');
    await this.press(this.at(path), keys.map((key) => fieldLabel(key)).join(', '));
    return this.fields(branch, value, path);
  }

  private async list(shape: SchemaNode, value: readonly unknown[], path: Path) {
    const item = resolved(shape.items ?? {});
    if (item.type === 'array') {
      return this.type(
        this.at(path),
        value.map((entry) => (entry as number[]).join(' ')).join('\n'),
      );
    }
    if (item.type !== 'object' && branchesOf(shape.items ?? {}).length === 0) {
      return this.type(this.at(path), value.join(item.type === 'string' ? '\n' : ' '));
    }
    for (const [n, one] of value.entries()) {
      const place = [...path, n];
      if ((await this.at(place).count()) === 0) {
        await this.at(path)
          .getByRole('button', { name: /^Add (a|an|what) / })
          .last()
          .click();
      }
      await this.node(shape.items ?? {}, one, place, false);
    }
  }

  private async printed(at: Locator, node: SchemaNode, value: Held, path: Path) {
    if ('missing' in value) {
      await this.press(at, w.notPrinted);
      return this.type(at, value.missing);
    }
    const range = 'low' in value;
    await this.press(at, range ? w.range : w.oneFigure);
    const figure = resolved(node).anyOf?.find((each) => each.properties?.figure)?.properties
      ?.figure;
    for (const key of range ? ['low', 'high'] : ['figure']) {
      await this.node(figure ?? {}, value[key], [...path, key]);
    }
  }

  private async figure(at: Locator, { text, unit, from, source }: Held): Promise<void> {
    await at.getByRole('textbox').first().fill(String(text));
    const units = at.getByRole('button', { name: String(unit), exact: true });
    if ((await units.count()) > 0) await units.first().click();
    await this.origin(at, { from, source });
  }

  /** Who says so, and where: already right when it stands where the one before it stood. */
  private async origin(at: Locator, { from, source }: Held): Promise<void> {
    const sentence = `${w.source}: ${sheetsWords.origins[from as 'manual']}, ${String(source)}`;
    const line = at.getByRole('button', { name: new RegExp(`^${w.source}`) }).last();
    if ((await line.textContent()) === sentence) return;
    if ((await line.getAttribute('aria-expanded')) !== 'true') await line.click();
    await this.press(at, sheetsWords.origins[from as 'manual']);
    await at.getByRole('textbox', { name: w.source, exact: true }).last().fill(String(source));
    await line.click();
  }

  /** Fields that are made, tapped or picked. */
  private async special(value: unknown, path: Path): Promise<boolean> {
    const at = this.at(path);
    const held = value as Held;
    switch (patternOf(path)) {
      case 'firing/order':
        await this.type(at, (value as number[]).join(' '));
        return true;
      case 'overhead/valves':
        await this.press(at, new RegExp(`^${w.makeValves}`));
        if (this.sheet.overhead?.valves.some((valve) => valve.alongHead !== undefined)) {
          await this.type(at, this.sheet.overhead.valves.map(({ id }) => id).join(' '));
          const so = at.getByRole('button', { name: new RegExp(`^${w.standSo}`) });
          if ((await so.count()) > 0) await so.click();
        }
        return true;
      case 'overhead/camEvents':
        for (const [key, event] of Object.entries(held)) {
          const field = at.getByRole('textbox', { name: fieldLabel(key), exact: true });
          if (/Deg$/.test(key)) await field.fill(String(event));
        }
        await this.origin(at, held);
        return true;
      case 'fastenedSets/*/groups/*/uses':
        await this.press(
          at,
          value === 'one' ? w.usedOnce : value === 'until-limit' ? w.usedUntilLimit : w.usedSoOften,
        );
        if (typeof value === 'object') await this.type(at, held.most);
        return true;
      case 'fastenedSets/*/map':
        await this.map(this.setAt(path), path.slice(0, 2));
        return true;
      case 'fastenedSets/*/fasteners':
        await this.groups(this.setAt(path), path.slice(0, 2));
        return true;
      case 'fastenedSets/*/programme/cycles/*/stages/*/values/*/group': {
        const name = this.setAt(path).groups.find((group) => group.id === value)?.name ?? '';
        await this.press(at, name);
        return true;
      }
      case 'renew/*/fits': {
        const set = this.sheet.fastenedSets?.find(({ id }) => id === value);
        await this.press(at, set?.name ?? fieldLabel(String(value)));
        return true;
      }
      case 'assembly/pieces':
        await this.pieces(at, value as readonly { readonly name: string }[], path);
        return true;
      case 'assembly/pieces/*/kind':
        await this.press(at, choiceLabel(value));
        return true;
      case 'fastenedSets/*/clamps':
        this.clamps.push([path, value as string[]]);
        return true;
      case 'assembly/pieces/*/restsOn':
      case 'assembly/pieces/*/shuts':
      case 'assembly/acts/*/needs':
        for (const reference of value as string[]) await this.reference(at, reference);
        await this.press(at, w.enough);
        return true;
      case 'assembly/pieces/*/onAfter/*/piece':
      case 'assembly/pieces/*/offAfter/*/piece':
      case 'assembly/pieces/*/joints/*/on':
      case 'assembly/temporary/*/in':
      case 'assembly/temporary/*/out':
        await this.reference(at, String(value));
        return true;
      case 'timing/markPlaces/*/mark':
        await this.press(at, this.sheet.timing?.marks[Number(value) - 1] ?? '');
        return true;
      case 'timing/markPlaces/*/wheel':
      case 'timing/markPlaces/*/meets': {
        const wheel = this.sheet.timing?.wheels?.find(({ id }) => id === value);
        await this.press(at, wheel?.name ?? '');
        return true;
      }
      case 'fastenedSets/*/programme/cycles/*/stages/*/order':
      case 'fastenedSets/*/programme/cycles/*/stages/*/leaveOut': {
        const { fasteners } = this.setAt(path);
        const number = (id: string) => fasteners.find((f) => f.id === id)?.number ?? '';
        await this.type(at, (value as string[]).map(number).join(' '));
        return true;
      }
      default:
        return false;
    }
  }

  /** All by name first, so that each can name the others; then each opened on the picture and told. */
  private async pieces(
    at: Locator,
    list: readonly { readonly name: string }[],
    path: Path,
  ): Promise<void> {
    const shape = resolved(
      resolved(sheetSchema().properties?.assembly ?? {}).properties?.pieces?.items ?? {},
    );
    for (const [n, { name }] of list.entries()) {
      await at.getByRole('button', { name: /^Add a piece/ }).click();
      await this.at([...path, n])
        .getByRole('textbox', { name: 'Name', exact: true })
        .fill(name);
    }
    for (const [n, piece] of list.entries()) {
      const place = this.at([...path, n]);
      if ((await place.count()) === 0)
        await at
          .locator('svg text', { hasText: new RegExp(`^${piece.name}$`) })
          .first()
          .click();
      await this.fields(shape, piece as Held, [...path, n]);
    }
  }

  /** Chooses a piece or an act by its name, and which of it. */
  private async reference(at: Locator, reference: string): Promise<void> {
    const [of = '', place] = reference.split('/');
    const open = at.getByRole('button', { name: new RegExp(`^${w.chooseFor('')}`) });
    if ((await open.count()) > 0) await open.click();
    const name = this.sheet.assembly?.pieces.find(({ id }) => id === of)?.name;
    await at
      .getByRole('button', {
        name: name ?? atStart(assemblyActName(of as AssemblyAct)),
        exact: true,
      })
      .click();
    if (place === '*') await this.press(at.getByRole('group').last(), w.allOfThem);
  }

  private setAt(path: Path): FastenedSet {
    const set = this.sheet.fastenedSets?.[Number(path[1])];
    if (!set) throw new Error('no such set');
    return set;
  }

  /** Rows and columns where the fasteners stand so, else a circle; then the drawing's size and bores. */
  private async map({ fasteners, map }: FastenedSet, path: Path): Promise<void> {
    const at = this.at([...path, 'map']);
    const number = (label: string, to: number) =>
      at.getByRole('textbox', { name: label, exact: true }).fill(String(to));
    const rows = rowsOf(fasteners);
    if (rows) {
      await number(w.rows, rows.rows);
      await number(w.columns, rows.columns);
      await number(w.along, rows.alongMm);
      await number(w.across, rows.acrossMm);
    } else {
      await this.press(at, w.byCircle);
      const middle = map.widthMm / 2;
      const { xMm, yMm } = fasteners[0] ?? { xMm: 0, yMm: 0 };
      await number(w.count, fasteners.length);
      await number(w.diameter, Math.round(2 * Math.hypot(xMm - middle, yMm - middle)));
      const deg = (Math.atan2(xMm - middle, middle - yMm) * 180) / Math.PI;
      await number(w.firstAt, Math.round(deg * 10) / 10);
    }
    await this.press(at, w.make);
    await at.getByRole('textbox', { name: w.seenFrom, exact: true }).fill(map.seenFrom);
    await this.press(at, new RegExp(`^${w.drawing}`));
    const { properties = {} } = resolved(
      resolved(sheetSchema().properties?.fastenedSets?.items ?? {}).properties?.map ?? {},
    );
    for (const key of ['widthMm', 'heightMm', 'bores'] as const) {
      await this.node(properties[key] ?? {}, map[key], [...path, 'map', key]);
    }
  }

  /** Taps each fastener into its group, where there are several. */
  private async groups({ fasteners, groups }: FastenedSet, path: Path): Promise<void> {
    if (groups.length < 2) return;
    const at = this.at([...path, 'map']);
    await this.press(at, w.tapsFor.group);
    for (const { id, name } of groups) {
      await this.press(at, name);
      for (const one of fasteners.filter((f) => f.group === id)) {
        await at
          .locator('svg text', { hasText: new RegExp(`^${one.number}$`) })
          .first()
          .click();
      }
    }
  }

  private at(path: Path): Locator {
    return this.page.locator(`[id="${placeText(path)}"]`);
  }

  private type(at: Locator, text: unknown): Promise<void> {
    return at.getByRole('textbox').first().fill(String(text));
  }

  /** Chooses, unless it is chosen already: pressing again would let go of it. */
  private async press(at: Locator, name: string | RegExp): Promise<void> {
    const button = at.getByRole('button', { name, exact: typeof name === 'string' }).first();
    if ((await button.getAttribute('aria-pressed')) !== 'true') await button.click();
  }
}

function rowsOf(fasteners: readonly SheetFastener[]) {
  const xs = [...new Set(fasteners.map((f) => f.xMm))];
  const ys = [...new Set(fasteners.map((f) => f.yMm))];
  if (xs.length * ys.length !== fasteners.length) return null;
  const step = (all: readonly number[]) => (all.length > 1 ? (all[1] ?? 0) - (all[0] ?? 0) : 1);
  return { rows: ys.length, columns: xs.length, alongMm: step(xs), acrossMm: step(ys) };
}
