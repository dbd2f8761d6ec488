import { SCOPES } from '@cardinex/core/job/facts/scope';
import { SYMPTOMS } from '@cardinex/core/job/facts/cause';
import { zodResolver } from '@hookform/resolvers/zod';
import { router } from 'expo-router';
import { Controller, useForm, useWatch, type Control } from 'react-hook-form';
import { View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import { z } from 'zod';
import { words } from '@cardinex/contract/text';
import { needsWords } from '@cardinex/core/job/cause';
import { valueIn } from '@cardinex/core/quantity/readQuantity';
import { asksWhich } from '@cardinex/core/job/plan/scopeChoices';
import type { EngineEnd } from '@cardinex/core/sheet/spec/layout';
import type { EngineSheet } from '@cardinex/core/sheet/engineSheet';
import { openQuestions, optionForSerial } from '@cardinex/core/sheet/variants';
import { refusalSentence } from '@cardinex/words/refusals';
import { symptomName, scopeWords } from '@cardinex/words/scope';
import { newJobWords as w, shared } from '@cardinex/words/screens';
import { storageWords } from '@cardinex/words/storage';
import { useSheets } from '../../session/queries';
import { useActor, useBench } from '../../session/SessionProvider';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { NotKnown } from '../../ui/list/NotKnown';
import { PageBar } from '../../ui/PageBar';
import { Screen } from '../../ui/Screen';
import { useRefusal } from '../../ui/Refusal';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { ScopeChoice } from '../scope/ScopeChoice';
import { scopeOf } from '../scope/scopeOf';
import { Small, Body } from '../../ui/Words';
import { Mark } from '../../ui/Mark';

const formSchema = z
  .object({
    sheetId: z.string().min(1),
    serial: words(40),
    hours: z
      .string()
      .trim()
      .refine((text) => text === '' || isHours(valueIn(text, 'h')), w.needHours),
    name: words(60),
    why: words(400).or(z.literal('')),
    end: z.string().min(1),
    variant: z.record(z.string(), z.string()),
    scope: z.enum(SCOPES, { error: scopeWords.needScope }),
    only: z.string(),
    also: z.array(z.string()),
    keep: z.array(
      z.object({ piece: z.string(), why: z.string().trim().min(1, scopeWords.needKeepWhy) }),
    ),
    because: z.enum(SYMPTOMS, { error: scopeWords.needBecause }),
  })
  .refine(({ because, why }) => why !== '' || !needsWords(because), {
    path: ['why'],
    error: w.needWhy,
  });
/** What an engine's clock may show. */
function isHours(hours: number | null): boolean {
  return hours !== null && hours >= 0 && hours < 1_000_000;
}

type NewJobForm = z.infer<typeof formSchema>;

/** While it is filled in: nothing is chosen until it is tapped. */
type BegunForm = Omit<NewJobForm, 'scope' | 'because'> &
  Partial<Pick<NewJobForm, 'scope' | 'because'>>;

/** Its fields from the top down, as they are called. */
const FIELDS: readonly (readonly [keyof NewJobForm, string])[] = [
  ['sheetId', w.sheet],
  ['name', w.name],
  ['serial', w.serial],
  ['hours', w.hours],
  ['because', scopeWords.because],
  ['why', w.why],
  ['scope', scopeWords.scope],
  ['keep', scopeWords.keepWhy],
  ['end', w.end(w.cylinder1)],
];

const ASKS: Readonly<Partial<Record<keyof NewJobForm, string>>> = {
  serial: w.needSerial,
  name: w.needName,
  why: w.needWhy,
  end: w.needEnd,
};

/** Opens a job from a sheet: which engine, why it is here, and cylinder 1's end looked at. */
export function NewJob({ sheetId }: { sheetId: string | undefined }) {
  const { ledgers } = useBench();
  const actor = useActor();
  const shop = useSheets();
  const sheets = shop.data?.sheets ?? [];
  const form = useForm<BegunForm, unknown, NewJobForm>({
    resolver: zodResolver(formSchema as z.ZodType<NewJobForm, BegunForm>),
    defaultValues: {
      sheetId: sheetId ?? '',
      serial: '',
      hours: '',
      name: '',
      why: '',
      end: '',
      variant: {},
      only: '',
      also: [],
      keep: [],
    },
  });
  const [chosenId, end, serial, answers, scope, only, also, keep, because] = useWatch({
    control: form.control,
    name: ['sheetId', 'end', 'serial', 'variant', 'scope', 'only', 'also', 'keep', 'because'],
  });
  const refusal = useRefusal();
  const chosen = sheets.find((s) => s.sheet.id === chosenId);
  const variant = chosen ? variantFor(chosen.sheet, serial, answers) : {};
  const [unanswered] = chosen ? openQuestions(chosen.sheet, variant) : [];
  const open = form.handleSubmit(
    async (entered) => {
      const { only: which, also: picked, keep: kept, scope: kind } = entered;
      const goes = scopeOf({ kind, only: which, also: picked, keep: kept });
      if (!chosen) return;
      if (unanswered) return refusal.say(shared.lookAbove(unanswered.ask));
      if (!goes) return refusal.say(asksWhich(kind) ? scopeWords.needWhich : scopeWords.needPick);
      const id = uuidv7();
      const hours = valueIn(entered.hours, 'h');
      const ledger = ledgers.job(id);
      await ledger.begin(chosen);
      const { sheet, hash } = chosen;
      const verdict = await ledger.record(
        'job.opened',
        {
          sheet: { id: sheet.id, revision: sheet.revision, hash },
          serial: entered.serial,
          ...(hours !== null && { hours }),
          name: entered.name,
          ...(entered.why !== '' && { why: entered.why }),
          cylinder1End: entered.end as EngineEnd,
          ...(Object.keys(variant).length > 0 && { variant }),
          scope: goes,
          because: entered.because,
        },
        actor,
      );
      if (verdict.ok) router.replace(`/jobs/${id}`);
      else {
        const message =
          'unkept' in verdict
            ? storageWords.says[verdict.unkept.trouble]
            : refusalSentence(verdict.refusal);
        refusal.say(message);
      }
    },
    (faults) => {
      const first = FIELDS.find(([field]) => field in faults);
      if (first) refusal.say(shared.lookAbove(first[1]));
    },
  );
  return (
    <Screen
      header={<ScreenHeader title={w.title} />}
      actBar={
        <PageBar
          onBack={() => router.back()}
          confirm={{ label: w.open, onPress: () => void open() }}
        />
      }
    >
      <View className="gap-4 rounded-lg bg-card p-4">
        <NotKnown of={shop} />
        {shop.data && sheets.length === 0 ? <Body>{w.noSheets}</Body> : null}
        {sheets.length > 0 ? (
          <Choice
            label={w.sheet}
            value={chosenId}
            options={sheets.map(({ sheet }) => ({ value: sheet.id, label: sheet.name }))}
            onChange={(value) => {
              form.setValue('sheetId', value, { shouldValidate: form.formState.isSubmitted });
              form.setValue('end', '');
              form.setValue('variant', {});
              form.setValue('only', '');
              form.setValue('also', []);
              form.setValue('keep', []);
            }}
          />
        ) : null}
        {form.formState.errors.sheetId ? <Mark kind="out" word={w.needSheet} /> : null}
        {chosen ? (
          <>
            <Small>
              {chosen.sheet.description} · {shared.sheetRevision(chosen.sheet.revision)}
            </Small>
            <FormField control={form.control} name="name" label={w.name} hint={w.nameHint} />
            <FormField control={form.control} name="serial" label={w.serial} hint={w.serialHint} />
            <FormField control={form.control} name="hours" label={w.hours} hint={w.hoursHint} />
            <Choice
              label={scopeWords.because}
              value={because ?? null}
              options={SYMPTOMS.map((value) => ({ value, label: symptomName(value) }))}
              onChange={(value) => form.setValue('because', value, { shouldValidate: true })}
            />
            {form.formState.errors.because ? (
              <Mark kind="out" word={scopeWords.needBecause} />
            ) : null}
            <FormField
              control={form.control}
              name="why"
              label={w.why}
              hint={because && !needsWords(because) ? w.whyMore : w.whyHint}
              multiline
            />
            <ScopeChoice
              sheet={chosen.sheet}
              kind={scope ?? null}
              only={only}
              tried={form.formState.isSubmitted}
              onKind={(kind) => {
                form.setValue('scope', kind, { shouldValidate: true });
                form.setValue('only', '');
                form.setValue('keep', []);
              }}
              also={also}
              onOnly={(value) => {
                form.setValue('only', value);
                form.setValue('keep', []);
                refusal.clear();
              }}
              keep={keep}
              onKeep={(value) => form.setValue('keep', [...value])}
              onAlso={(value) => {
                form.setValue('also', [...value]);
                form.setValue('keep', []);
                refusal.clear();
              }}
            />
            <Choice
              label={w.end(w.cylinder1)}
              value={end}
              options={[chosen.sheet.cylinder1End, chosen.sheet.otherEnd]
                .sort()
                .map((value) => ({ value: String(value), label: w.endOf(value) }))}
              onChange={(value) => form.setValue('end', value, { shouldValidate: true })}
            />
            <EndAnswer
              end={end}
              right={chosen.sheet.cylinder1End}
              fault={form.formState.errors.end && w.needEnd}
            />
            {(chosen.sheet.variants ?? []).map((question) => (
              <View key={question.id} className="gap-1">
                <Choice
                  label={question.ask}
                  value={variant[question.id] ?? null}
                  options={question.options.map(({ id, name }) => ({ value: id, label: name }))}
                  onChange={(value) =>
                    form.setValue('variant', { ...answers, [question.id]: value })
                  }
                />
                {question.options.map(({ id, name, seen, serials }) => (
                  <Small key={id}>{w.option(name, seen, serials)}</Small>
                ))}
              </View>
            ))}
            {unanswered && form.formState.isSubmitted ? (
              <Mark kind="out" word={w.needVariant} />
            ) : null}
          </>
        ) : null}
      </View>
    </Screen>
  );
}

/** What was answered, and what the serial tells by itself. */
function variantFor(
  sheet: EngineSheet,
  serial: string,
  answers: Readonly<Record<string, string>>,
): Readonly<Record<string, string>> {
  return Object.fromEntries(
    (sheet.variants ?? []).flatMap((question) => {
      const text = answers[question.id] ?? optionForSerial(question, serial.trim())?.id;
      return text === undefined ? [] : [[question.id, text]];
    }),
  );
}

interface FormFieldProps {
  readonly control: Control<BegunForm, unknown, NewJobForm>;
  readonly name: 'serial' | 'hours' | 'name' | 'why';
  readonly label: string;
  readonly hint: string;
  readonly multiline?: boolean;
}

function FormField({ control, name, label, hint, multiline = false }: FormFieldProps) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field, fieldState }) => (
        <Field
          label={label}
          hint={hint}
          value={field.value}
          onChangeText={field.onChange}
          onBlur={field.onBlur}
          multiline={multiline}
          {...(multiline && { numberOfLines: 3 })}
          fault={faultOf(fieldState.error, ASKS[name])}
        />
      )}
    />
  );
}

/** An empty field asks for what it wants; anything else says what is wrong with what was typed. */
function faultOf(error: { type?: string; message?: string } | undefined, ask?: string) {
  if (!error) return undefined;
  return error.type === 'too_small' ? ask : error.message;
}

function EndAnswer({
  end,
  right,
  fault,
}: {
  end: string;
  right: EngineEnd;
  fault?: string | undefined;
}) {
  if (end === '') return fault ? <Mark kind="out" word={fault} /> : null;
  return end === right ? (
    <Mark kind="within" word={w.endRight(right)} />
  ) : (
    <View className="flex-row gap-2">
      <Mark kind="out" />
      <Body className="flex-1 font-strong text-red">{w.endWrong(right)}</Body>
    </View>
  );
}
