import { useQuery } from '@tanstack/react-query';
import { api, value, type InkView } from '../api/client';
import { SelectField } from './choices';

/** Inks that lanes of a shared card are marked in. */
export function useInks(): InkView[] {
  return (
    useQuery({
      queryKey: ['inks'],
      queryFn: () => value(api.GET('/api/templates/inks')),
      staleTime: Infinity,
    }).data ?? []
  );
}

interface Props {
  inks: InkView[];
  ink: InkView['ink'];
  choose: (ink: InkView['ink']) => void;
}

/** The ink a template is marked in where several share a card. */
export function InkChoice({ inks, ink, choose }: Props) {
  return (
    <SelectField
      label="Ink on a shared card"
      value={ink}
      options={inks.map((one) => ({ value: one.ink, label: one.words }))}
      choose={choose}
    />
  );
}
