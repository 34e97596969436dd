using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Editing;
using Krasis.Store;

namespace Krasis.App.Mixing;

/// <summary>Applies an edit to a build.</summary>
public sealed class EditBuild(KrasisFile file, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<EditedView> Run(EditRequest request)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var edited = Editor.Apply(request.Build.WithoutNulls(), request.Edit.WithoutNulls(), bar);
        if (!edited.IsRead)
        {
            return Refusal.Fields(edited.Problems);
        }

        var (build, said, troubles) = edited.Value;
        var reading = BuildReader.Read(build, bar, nameless: true);
        return Result.Of(
            new EditedView(
                build,
                said,
                troubles,
                reading.IsRead ? TriedSheet.Mix(build, reading.Value, bar, clock.Today()) : null
            )
        );
    }
}
