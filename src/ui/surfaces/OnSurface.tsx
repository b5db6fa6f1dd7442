import { ErrorBoundary } from '../ErrorBoundary';
import { useWords } from '../school/use-class';
import type { Surface, SurfaceProps } from './surface';

type Props = Omit<SurfaceProps, 'description'> & { readonly surface: Surface };

/** A derivation on one surface, which says what it shows; what fails on it leaves the others standing. */
export function OnSurface({ surface, ...props }: Props) {
  const { View, name, speech } = surface;
  const w = useWords();
  return (
    <ErrorBoundary what={name} size="card" about={props.view}>
      <View {...props} description={speech(w, props.view)} />
    </ErrorBoundary>
  );
}
