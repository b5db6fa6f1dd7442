import { ErrorBoundary } from '../ErrorBoundary';
import type { Surface, SurfaceProps } from './surface';

type Props = SurfaceProps & { readonly surface: Surface };

/** A derivation on one surface; what fails on it leaves the others standing. */
export function OnSurface({ surface, ...props }: Props) {
  const { View, name } = surface;
  return (
    <ErrorBoundary what={name} size="card" about={props.view}>
      <View {...props} />
    </ErrorBoundary>
  );
}
