using Krasis.App.Shared;
using Krasis.Core.Bar.Kinds;
using Krasis.Core.Bar.Parts;
using Krasis.Core.Builds;
using Krasis.Core.Changing.Bringing;
using Krasis.Core.Input;
using Krasis.Store;

namespace Krasis.App.Recipes;

/// <summary>Saves a recipe as a draft, with the parts that it needs.</summary>
public sealed class SaveRecipe(KrasisFile file, TimeProvider clock) : IUseCase
{
    // A recipe that says how to make more parts is a book.
    private const int MostParts = 20;

    /// <summary>Does it.</summary>
    public Result<KeptRecipe> Run(KeepRecipe request, Guid? asked = null)
    {
        var id = (asked ?? Guid.CreateVersion7(clock.GetUtcNow())).ToString();
        var parts = (request.Parts ?? []).Where(part => part is not null).ToList();
        if (request.Draft is null)
        {
            return Refusal.Fields([new Problem("draft", null, "There is no draft.", "a build")]);
        }

        if (parts.Count > MostParts || parts.DistinctBy(part => part.Id).Count() != parts.Count)
        {
            return Refusal.Fields([
                new Problem(
                    "parts",
                    null,
                    parts.Count > MostParts ? $"These are {parts.Count} parts." : "Two parts are known by the same.",
                    $"at most {MostParts} parts, each known by something of its own"
                ),
            ]);
        }

        return file.Write<Result<KeptRecipe>>(session =>
        {
            // A page that has not heard the answer asks again under the same id.
            if (session.Builds.Find(id) is { } there)
            {
                return Result.Of(new KeptRecipe(id, there.Document.Name ?? ""));
            }

            if (session.Builds.FindDeleted(id) is not null)
            {
                return Refusal.Conflict(
                    "That build has been deleted.",
                    "Bring it back, or keep this one as another build."
                );
            }

            return Save(session, id, request.Draft.WithoutNulls(), parts);
        });
    }

    private Result<KeptRecipe> Save(Session session, string id, BuildDocument draft, IReadOnlyList<PartDocument> parts)
    {
        var ids = parts.ToDictionary(
            part => part.Id ?? "",
            _ => Guid.CreateVersion7(clock.GetUtcNow()).ToString(),
            StringComparer.Ordinal
        );
        foreach (var part in parts)
        {
            session.Bar.Add(BarKinds.Parts, ids[part.Id ?? ""], RecipeParts.Renamed(part, ids), clock.GetUtcNow());
        }

        var whole = BarReader.Read(session.Bar.Whole());
        if (!whole.IsRead)
        {
            session.Abandon();
            return Refusal.Fields([.. whole.Problems.Select(problem => problem with { Field = "parts" })]);
        }

        var names = new FreeNames(session.Builds.List().Select(build => build.Document.Name ?? ""));
        draft = draft with { Lines = [.. draft.Lines.Select(line => OfParts(line, ids))] };
        var reading = BuildReader.Read(draft, whole.Value);
        if (!reading.IsRead)
        {
            session.Abandon();
            return Refusal.Fields([
                .. reading.Problems.Select(problem => problem with { Field = $"draft.{problem.Field}" }),
            ]);
        }

        var named = draft with { Name = names.Give(reading.Value.Name) };
        session.Builds.Add(id, named, clock.GetUtcNow());
        return Result.Of(new KeptRecipe(id, named.Name));
    }

    private static LineDocument OfParts(LineDocument line, Dictionary<string, string> ids) =>
        line.Ingredient is { } own && ids.TryGetValue(own, out var kept) ? line with { Ingredient = kept } : line;
}
