import { zodResolver } from '@hookform/resolvers/zod';
import { useQuery } from '@tanstack/react-query';
import { format } from 'date-fns/format';
import { openDB } from 'idb';
import Delete from 'lucide-react-native/icons/delete';
import { Controller, useForm } from 'react-hook-form';
import { ScrollView, Text, TextInput, View } from 'react-native';
import Svg, { Circle } from 'react-native-svg';
import { z } from 'zod';

const schema = z.object({ name: z.string().min(1) });

/** One screen with a query, a form, a drawing and an icon: what any app of this stack begins with. */
export default function Empty() {
  const form = useForm({ resolver: zodResolver(schema), defaultValues: { name: '' } });
  const { data } = useQuery({ queryKey: ['db'], queryFn: () => openDB('empty', 1) });
  return (
    <ScrollView>
      <Text className="text-ink">{format(new Date(), 'HH:mm')}</Text>
      <Text>{data?.name}</Text>
      <Controller
        control={form.control}
        name="name"
        render={({ field }) => <TextInput value={field.value} onChangeText={field.onChange} />}
      />
      <View>
        <Svg width={20} height={20}>
          <Circle r={5} />
        </Svg>
        <Delete size={20} />
      </View>
    </ScrollView>
  );
}
