<?php

declare(strict_types=1);

namespace App\Plans;

use App\Models\Build;
use App\Models\PlanRevision;
use App\Models\User;
use Illuminate\Database\ConnectionInterface;
use Illuminate\Database\Eloquent\Builder;
use Ulvrach\Plan\Edit\PlanEdit;
use Ulvrach\Plan\File\BadPlanFile;
use Ulvrach\Plan\File\EditCodec;
use Ulvrach\Plan\File\PlanFile;
use Ulvrach\Plan\Plan;

/** Keeps plans: every change is a new revision, and a change made on an outdated version is refused. */
final readonly class PlanStore
{
    /** Revisions kept for a build; older ones can no longer be undone to. */
    private const KEPT = 500;

    /** Changes between two looks for older ones, so that not every edit waits for that. */
    private const LOOK = 50;

    public function __construct(
        private ConnectionInterface $database,
        private LogStore $logs,
        private Judge $judge,
    ) {
    }

    /** @throws BadPlanFile if the program fails at the plan */
    public function create(User $user, PlanFile $file, string $label): Build
    {
        $this->judge->mustBear($file->plan, $file->log);
        $build = new Build(['user_id' => $user->id, 'version' => 1]);
        $this->database->transaction(function () use ($build, $file, $label): void {
            $build->save();
            $this->append($build, null, $file->plan, $label);
            $build->save();
            $this->logs->insert($build, $file->log->entries);
        });

        return $build;
    }

    /**
     * @param  non-empty-list<PlanEdit>  $edits
     * @param  string|null  $label  what undo will say; null: what the last edit is
     *
     * @throws BadPlanFile if an edit does not fit the plan
     * @throws OutdatedVersion if the plan has changed since that version
     */
    public function edit(Build $build, int $version, array $edits, ?string $label): Build
    {
        return $this->change($build, $version, function (Build $locked) use ($edits, $label): void {
            $plan = $locked->head->document;
            $changed = EditCodec::apply($edits, $plan);
            $this->judge->mustBear($changed, $this->logs->of($locked));
            $this->append(
                $locked,
                $locked->head_id,
                $changed,
                $label ?? $edits[count($edits) - 1]->words($plan),
            );
        });
    }

    /**
     * @throws OutdatedVersion if the plan has changed since that version
     * @throws NothingToUndo at the first revision
     */
    public function undo(Build $build, int $version): Build
    {
        return $this->change($build, $version, function (Build $locked): void {
            $parent = $locked->head->parent_id ?? throw NothingToUndo::back();
            $locked->head()->associate(PlanRevision::query()->findOrFail($parent));
        });
    }

    /**
     * @throws OutdatedVersion if the plan has changed since that version
     * @throws NothingToUndo at the newest revision
     */
    public function redo(Build $build, int $version): Build
    {
        return $this->change($build, $version, function (Build $locked): void {
            $locked->head()->associate($this->newestChild($locked)->first() ?? throw NothingToUndo::forth());
        });
    }

    /** What redo would do again; null: nothing. */
    public function redoLabel(Build $build): ?string
    {
        // Nothing can have been made from what was made just now.
        return $build->head->wasRecentlyCreated ? null : $this->newestChild($build)->first(['label'])?->label;
    }

    /** @return Builder<PlanRevision> the newest of the revisions that were made from the present one */
    private function newestChild(Build $build): Builder
    {
        return PlanRevision::query()
            ->where('build_id', $build->id)
            ->where('parent_id', $build->head_id)
            ->latest('id');
    }

    /** @param  \Closure(Build): void  $change */
    private function change(Build $build, int $version, \Closure $change): Build
    {
        $changed = $this->database->transaction(function () use ($build, $version, $change): Build {
            $query = Build::query()->with('head');
            $query->lockForUpdate();
            $locked = $query->findOrFail($build->id);
            if ($locked->version !== $version) {
                throw new OutdatedVersion($locked);
            }
            $change($locked);
            $locked->version++;
            $locked->save();

            return $locked;
        });

        return $changed instanceof Build
            ? $changed
            : throw new \LogicException('A transaction must answer with the build.');
    }

    private function append(Build $build, ?int $parent, Plan $plan, string $label): void
    {
        $revision = PlanRevision::query()->create([
            'build_id' => $build->id,
            'parent_id' => $parent,
            'label' => $label,
            'document' => $plan,
        ]);
        $build->head()->associate($revision);
        $this->forgetOldest($build);
    }

    private function forgetOldest(Build $build): void
    {
        if ($build->version % self::LOOK !== 0) {
            return;
        }
        $oldest = PlanRevision::query()->where('build_id', $build->id)->latest('id')->skip(self::KEPT)->value('id');
        if (is_int($oldest)) {
            PlanRevision::query()
                ->where('build_id', $build->id)
                ->where('parent_id', '<=', $oldest)
                ->update(['parent_id' => null]);
            PlanRevision::query()
                ->where('build_id', $build->id)
                ->where('id', '<=', $oldest)
                ->where('id', '!=', $build->head_id)
                ->delete();
        }
    }
}
