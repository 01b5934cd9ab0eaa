import { useTranslation } from 'react-i18next';
import type { PieceLine } from '../../contracts/cutting';

/** An edge on its face: as drawn, and as taped with the difference so many times as large. */
export function LinePicture({ picture }: { picture: NonNullable<PieceLine['picture']> }) {
    const { t } = useTranslation();
    const all = [...picture.outline, ...picture.taped, ...picture.marks];
    const [left, right] = [Math.min(...all.map(([u]) => u)), Math.max(...all.map(([u]) => u))];
    const [low, high] = [Math.min(...all.map(([, v]) => v)), Math.max(...all.map(([, v]) => v))];
    const unit = Math.max(right - left, high - low) / 300;
    const points = (line: number[][]) => line.map(([u, v]) => `${u},${-v}`).join(' ');
    const say = t('fit.picture', { times: picture.times });
    return (
        <figure style={{ margin: '6px 0' }}>
            <svg
                viewBox={`${left - 4 * unit} ${-high - 4 * unit} ${right - left + 8 * unit} ${high - low + 8 * unit}`}
                width="100%"
                style={{ maxHeight: 150 }}
                role="img"
                aria-label={say}
            >
                <polygon points={points(picture.outline)} fill="var(--metal)" stroke="var(--rule)" strokeWidth={unit} />
                <polyline points={points(picture.drawn)} stroke="var(--ink)" strokeWidth={unit} fill="none" />
                <polyline points={points(picture.taped)} stroke="var(--chalk)" strokeWidth={2.4 * unit} fill="none" />
                {picture.marks.map(([u, v], i) => (
                    <circle
                        key={i}
                        cx={u}
                        cy={-v}
                        r={3.4 * unit}
                        fill="var(--card)"
                        stroke="var(--chalk)"
                        strokeWidth={1.6 * unit}
                    />
                ))}
            </svg>
            <figcaption className="muted small">{say}</figcaption>
        </figure>
    );
}
