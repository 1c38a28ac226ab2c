<?php

declare(strict_types=1);

namespace App\Preparation\Models;

use Aenum\Core\Preparation\Racking\RackSetting;
use App\Platform\Database\BaseModel;

/**
 * How a part hangs.
 *
 * @property int $part_id
 * @property int $across
 * @property int $rows
 * @property int $hooks
 * @property float $pitch_mm
 * @property float $drop_mm
 * @property float $along_mm
 * @property float $up_mm
 * @property float $deep_mm
 * @property bool $jigged
 * @property ?string $drain
 */
final class Rack extends BaseModel
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'part_id';

    public function setting(): RackSetting
    {
        return RackSetting::of(
            [$this->along_mm, $this->up_mm, $this->deep_mm],
            $this->across,
            $this->rows,
            $this->pitch_mm,
            $this->drop_mm,
            $this->hooks,
            $this->jigged,
            $this->drain,
        );
    }

    /** @return array<string, mixed> a setting as it is stored */
    public static function columns(RackSetting $set): array
    {
        return [
            'across' => $set->across,
            'rows' => $set->rows,
            'hooks' => $set->hooks,
            'pitch_mm' => $set->pitchMm,
            'drop_mm' => $set->dropMm,
            'along_mm' => $set->boxMm[0],
            'up_mm' => $set->boxMm[1],
            'deep_mm' => $set->boxMm[2],
            'jigged' => $set->jigged,
            'drain' => $set->drain,
        ];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['jigged' => 'boolean']
            + array_fill_keys(['pitch_mm', 'drop_mm', 'along_mm', 'up_mm', 'deep_mm'], 'float');
    }
}
