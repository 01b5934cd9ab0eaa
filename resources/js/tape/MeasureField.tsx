import { useTranslation } from 'react-i18next';
import { useJob } from '../job/JobContext';
import { perUnit, type Measured } from './measures';
import { NumberField } from './NumberField';

interface MeasureFieldProps {
    /** Key of its words, which are told the job's units. */
    label: string;
    what: Measured;
    /** In feet, pounds, miles an hour; null where nobody has said. */
    value: number | null;
    least: number;
    most: number;
    onChange: (value: number) => void;
    onEmpty?: () => void;
    disabled?: boolean;
}

/** A height, a force or a wind as a job's people say it, kept in feet, pounds and miles an hour. */
export function MeasureField({ label, what, value, least, most, onChange, ...field }: MeasureFieldProps) {
    const { t } = useTranslation();
    const { units } = useJob();
    const per = perUnit(what, units);
    return (
        <NumberField
            {...field}
            label={t(label, { units })}
            value={value === null ? null : value * per}
            least={Math.ceil(least * per * 10) / 10}
            most={Math.floor(most * per * 10) / 10}
            onChange={(typed) => onChange(typed / per)}
        />
    );
}
