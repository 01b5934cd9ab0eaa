import { useTranslation } from 'react-i18next';

interface LayerSliderProps {
    label: string;
    count: number;
    on: number;
    onChange: (on: number) => void;
}

/** Lays one layer after another, with the mouse or the arrow keys. */
export function LayerSlider({ label, count, on, onChange }: LayerSliderProps) {
    const { t } = useTranslation();
    const said = t('edges.of', { on, all: count });
    return (
        <label className="layer-slider">
            <span className="muted">{label}</span>
            <input
                type="range"
                min={1}
                max={count}
                value={on}
                aria-valuetext={said}
                onChange={(event) => onChange(Number(event.target.value))}
            />
            <b>{said}</b>
        </label>
    );
}
