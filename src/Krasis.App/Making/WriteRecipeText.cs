using Krasis.App.Shared;
using Krasis.Core.Builds;
using Krasis.Core.Input;
using Krasis.Core.Making;
using Krasis.Core.Making.Telling;
using Krasis.Store;

namespace Krasis.App.Making;

/// <summary>Writes a drink as a recipe in words.</summary>
public sealed class WriteRecipeText(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<TextView> Run(TextRequest request)
    {
        var bar = file.Read(session => session.Bar.Facts());
        var build = BuildReader.Read(request.Build.WithoutNulls(), bar);
        if (!build.IsRead)
        {
            return Refusal.Fields([
                .. build.Problems.Select(problem => problem with { Field = $"build.{problem.Field}" }),
            ]);
        }

        var plans = Planner.Plan(build.Value, bar);
        var told = plans.IsRead
            ? plans.Value.Where(plan => request.Size is null || plan.Size.Value == request.Size).ToList()
            : [];
        return !plans.IsRead ? Refusal.Fields(plans.Problems)
            : told.Count == 0
                ? Refusal.Fields([
                    new Problem(
                        "size",
                        request.Size,
                        "The drink is not sold in that.",
                        "a cup of the build, or none for all"
                    ),
                ])
            : Result.Of(new TextView(RecipeText.Of(told, request.Words, request.IsMarkdown)));
    }
}
