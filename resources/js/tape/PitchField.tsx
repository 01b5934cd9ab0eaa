import { useTranslation } from 'react-i18next';
import { useJob } from '../job/JobContext';
import { typedPitch } from './measures';
import { NumberField } from './NumberField';
import { readPitch } from './readPitch';

interface PitchFieldProps {
    /** Key of its words, which are told the job's units. */
    label: string;
    /** Rise in 12; null where it stands for several that differ. */
    value: number | null;
    least?: number;
    most?: number;
    onChange: (riseIn12: number) => void;
    onEmpty?: () => void;
    disabled?: boolean;
    name?: string;
}

/** A slope that stands in a form: rise in 12, or degrees on a metric job. Kept as rise in 12. */
export function PitchField({ least = 0.1, most = 48, label, name, ...field }: PitchFieldProps) {
    const { t } = useTranslation();
    const { units } = useJob();
    return (
        <NumberField
            {...field}
            label={t(label, { units })}
            name={name}
            least={least}
            most={most}
            read={(typed) => {
                const reading = readPitch(typed, units);
                return 'riseIn12' in reading ? reading.riseIn12 : null;
            }}
            print={(riseIn12) => typedPitch(riseIn12, units)}
        />
    );
}
