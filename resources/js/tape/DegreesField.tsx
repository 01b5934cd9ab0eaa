import { useJob } from '../job/JobContext';
import { NumberField } from './NumberField';

interface DegreesFieldProps {
    label: string;
    /** °F; null where nobody has said. */
    value: number | null;
    least: number;
    most: number;
    onChange: (fahrenheit: number) => void;
    onEmpty?: () => void;
    disabled?: boolean;
    /** How much hotter, rather than how hot. */
    difference?: boolean;
}

/** A temperature as a job's people read it: °F, or °C on a metric job. Kept in °F. */
export function DegreesField({
    label,
    value,
    least,
    most,
    onChange,
    onEmpty,
    disabled,
    difference = false,
}: DegreesFieldProps) {
    const { units } = useJob();
    const zero = difference ? 0 : 32;
    const shown = (fahrenheit: number) => (units === 'metric' ? (fahrenheit - zero) / 1.8 : fahrenheit);
    const kept = (typed: number) => (units === 'metric' ? typed * 1.8 + zero : typed);
    return (
        <NumberField
            label={`${label}, ${units === 'metric' ? '°C' : '°F'}`}
            value={value === null ? null : shown(value)}
            least={Math.round(shown(least))}
            most={Math.round(shown(most))}
            disabled={disabled}
            onChange={(typed) => onChange(kept(typed))}
            onEmpty={onEmpty}
        />
    );
}
