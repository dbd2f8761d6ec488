import { router } from 'expo-router';
import { View } from 'react-native';
import { sheetOfJob } from '@cardinex/core/job/sheetOfJob';
import { jobSheetBack, jobSheetWords as w } from '@cardinex/words/jobSheet';
import { useSheets } from '../../session/queries';
import { Button } from '../../ui/Button';
import { Body, Small } from '../../ui/Words';
import { BackOfCard } from '../job/BackOfCard';
import { CardFrame } from '../job/CardFrame';
import { useJob } from '../job/JobProvider';
import { Change } from './Change';
import { Layers } from './Layers';
import { OpenDifferences } from './OpenDifferences';
import { VariantChange } from './VariantChange';

/** The figures this job runs on: revision, variant, leaflets and deviations, and what would change them. */
export function JobSheet() {
  const { sheet, pinned, state, record, takeSheet } = useJob();
  const newest = useSheets().data?.sheets.find((entry) => entry.sheet.id === sheet.id);
  const newer = newest && newest.sheet.revision > sheet.revision ? newest : undefined;
  return (
    <CardFrame
      card="sheet"
      title={w.title}
      aside={sheet.name}
      back={<BackOfCard says={jobSheetBack} />}
    >
      <View className="gap-4 p-3.5">
        <OpenDifferences />
        <View className="gap-2">
          <Body>{w.runsOn(sheet.revision)}</Body>
          {newer ? null : <Small>{w.newest}</Small>}
          <Button
            label={w.read}
            onPress={() => router.push(`/sheets/${sheet.id}?revision=${sheet.revision}`)}
          />
        </View>
        {newer ? (
          <Change
            title={w.newer(newer.sheet.revision)}
            hint={newer.sheet.note ?? ''}
            label={w.take(newer.sheet.revision)}
            after={sheetOfJob(newer.sheet, state)}
            onChange={(words) => takeSheet(newer, words)}
          />
        ) : null}
        <Layers />
        {(pinned.variants ?? []).map((question) => (
          <VariantChange
            key={question.id}
            question={question}
            onChange={(option, words) =>
              record('variant.changed', { question: question.id, option, words })
            }
          />
        ))}
      </View>
    </CardFrame>
  );
}
