using Krasis.App.Shared;
using Krasis.Core.Changing.Comparing;
using Krasis.Core.Input;
using Krasis.Core.Working.SizeSheets;
using Krasis.Store;

namespace Krasis.App.Versions;

/// <summary>Puts two to six builds, versions or sizes side by side.</summary>
public sealed class CompareBuilds(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<ComparedView> Run(string[] side) =>
        file.Read<Result<ComparedView>>(session =>
        {
            if (side.Length is < 2 or > SideBySide.Most)
            {
                return Refusal.Fields([
                    new Problem(
                        "side",
                        $"{side.Length}",
                        $"There {(side.Length == 1 ? "is" : "are")} {side.Length} to compare.",
                        "two to six"
                    ),
                ]);
            }

            var bar = session.Bar.Facts();
            var found = new List<(BuildPlace Place, SizeSheet Size)>();
            foreach (var text in side)
            {
                var parts = text.Split('@');
                if (BuildPlace.Find(session, string.Join('@', parts.Take(2))) is not { } place)
                {
                    return Refusal.Missing("version that today's bar can pour");
                }

                found.Add(
                    (
                        place,
                        place.Sheet.Sizes.FirstOrDefault(size => parts.Length > 2 && size.Size.Value == parts[2])
                            ?? place.Sheet.Sizes.First(size => size.IsReference)
                    )
                );
            }

            var first = found[0].Place;
            return Result.Of(
                new ComparedView(
                    [
                        .. found.Select(
                            (one, i) =>
                                new ComparedSide(
                                    one.Place.Sheet,
                                    one.Size.Size,
                                    i == 0
                                        ? []
                                        : BuildDiff.Between(
                                            first.Document,
                                            first.Sheet,
                                            one.Place.Document,
                                            one.Place.Sheet,
                                            bar
                                        )
                                )
                        ),
                    ],
                    SideBySide.Of([.. found.Select(one => (one.Place.Sheet, one.Size))])
                )
            );
        });
}
