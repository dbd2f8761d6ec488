import { router } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import type { ToolIs, ToolKind } from '@cardinex/core/tools/tool';
import { shared } from '@cardinex/words/screens';
import { toolKindName, toolsWords as w } from '@cardinex/words/tools';
import { Choice } from '../../ui/Choice';
import { Field } from '../../ui/Field';
import { PageBar } from '../../ui/PageBar';
import { Mark } from '../../ui/Mark';
import { Screen } from '../../ui/Screen';
import { useRefusal } from '../../ui/Refusal';
import { ScreenHeader } from '../../ui/ScreenHeader';
import { TOOL_FIELDS, readTool, type Entered } from './toolFields';
import { useToolAct } from './useToolAct';

/** A tool for the crib: what it is, what is written on it. */
export function NewTool() {
  const [id] = useState(() => uuidv7());
  const [kind, setKind] = useState<ToolKind | null>(null);
  const [name, setName] = useState('');
  const [entered, setEntered] = useState<Entered>({});
  const [tried, setTried] = useState(false);
  const { record, problem } = useToolAct(id);
  const refusal = useRefusal();
  const fields = kind ? TOOL_FIELDS[kind] : [];
  const read = kind ? readTool(kind, entered) : null;
  const save = (): void => {
    setTried(true);
    if (!read) return refusal.say(shared.lookAbove(w.kind));
    if (name.trim() === '') return refusal.say(shared.lookAbove(w.name));
    if ('wrong' in read) {
      const first = fields.find(({ key }) => read.wrong.includes(key));
      return refusal.say(shared.lookAbove(first?.label ?? w.kind));
    }
    const data = { ...(read as ToolIs), name: name.trim() };
    void record('tool.entered', data).then((stored) => stored && router.replace(`/tools/${id}`));
  };
  const wrong = tried && read && 'wrong' in read ? read.wrong : [];
  return (
    <Screen
      header={<ScreenHeader title={w.enter} />}
      actBar={
        <PageBar
          onBack={() => router.replace('/tools')}
          confirm={{ label: w.keep, onPress: save }}
        />
      }
    >
      <View className="gap-4 rounded-lg bg-card p-4">
        {problem === null ? null : <Mark kind="out" word={problem} />}
        <Choice
          label={w.kind}
          value={kind}
          options={(Object.keys(TOOL_FIELDS) as ToolKind[]).map((value) => ({
            value,
            label: toolKindName(value),
          }))}
          onChange={setKind}
        />
        {kind ? (
          <Field
            label={w.name}
            hint={w.nameHint}
            value={name}
            onChangeText={setName}
            fault={tried && name.trim() === '' ? w.needName : undefined}
          />
        ) : null}
        {fields.map((field) =>
          field.options ? (
            <Choice
              key={field.key}
              label={field.label}
              value={entered[field.key] ?? null}
              options={field.options}
              onChange={(value) => setEntered({ ...entered, [field.key]: value })}
            />
          ) : (
            <Field
              key={field.key}
              label={field.label}
              {...(field.hint !== undefined && { hint: field.hint })}
              value={entered[field.key] ?? ''}
              onChangeText={(text) => setEntered({ ...entered, [field.key]: text })}
              fault={wrong.includes(field.key) ? w.needNumber : undefined}
            />
          ),
        )}
      </View>
    </Screen>
  );
}
