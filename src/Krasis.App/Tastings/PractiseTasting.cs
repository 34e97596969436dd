using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Store;
using Krasis.Tasting.Documents;

namespace Krasis.App.Tastings;

/// <summary>Sets a tasting up with simulated tasters.</summary>
public sealed class PractiseTasting(KrasisFile file, TimeProvider clock) : IUseCase
{
    private const string What = "tasting";

    /// <summary>Does it.</summary>
    public Result<TastingView> Run(string id, PractiseRequest request)
    {
        var fields = new FieldReader();
        var tasters = fields.Whole("tasters", request.Tasters ?? 12, 1, TastingSetup.MostTasters, "tasters");
        var percent = fields.Number("percent", request.Percent ?? 0, -60, 100, "%");
        if (request.Scale is not null && JarScale.All.All(scale => scale.Code != request.Scale))
        {
            fields.Report(
                "scale",
                request.Scale,
                "There is no such scale.",
                string.Join(", ", JarScale.All.Select(scale => scale.Code))
            );
        }

        if (fields.Problems.Count > 0)
        {
            return Refusal.Fields(fields.Problems);
        }

        return file.Write<Result<Done>>(session =>
            {
                if (session.Tastings.Find(id) is not { } stored)
                {
                    return Refusal.Missing(What);
                }

                var tasted = Tasted.Of(stored);
                if (stored.State != "open")
                {
                    return TastingViews.Running("Only while it is open can anybody taste, simulated or not.");
                }

                // Who is made up is not mixed with who is not.
                var come = session.Tastings.Tasters(id);
                if (come.Any(taster => taster.IsSimulated == 0))
                {
                    return TastingViews.Running("Real tasters have come: simulated ones would spoil what they say.");
                }

                if (come.Count + tasters > TastingSetup.MostTasters)
                {
                    return TastingViews.Running($"There is room for {TastingSetup.MostTasters} tasters.");
                }

                Practice.Fill(
                    session,
                    tasted,
                    tasters,
                    request.Scale is { } scale
                        ? new Dictionary<string, double> { [scale] = percent }
                        : new Dictionary<string, double>(),
                    tasted.Setup!.Seed,
                    clock.GetUtcNow()
                );
                return default(Done);
            })
            .Then(_ => TastingViews.Now(file, id));
    }
}
