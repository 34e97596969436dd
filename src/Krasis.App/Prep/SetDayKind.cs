using Krasis.App.Shared;
using Krasis.Core.Input;
using Krasis.Core.Planning.Preparing;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Sets what kind of day it is.</summary>
public sealed class SetDayKind(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<Done> Run(DateOnly day, KindRequest request) =>
        file.Write<Result<Done>>(session =>
        {
            var facts = PrepReader.Read(PrepSettings.Of(session)).Value;
            if (request.Kind is { } kind && !facts.Kinds.Any(each => each.Id == kind))
            {
                return Refusal.Fields([
                    new Problem(
                        "kind",
                        kind,
                        "There is no such sort of day.",
                        string.Join(
                            ", ",
                            facts
                                .Kinds.Select(each => each.Id)
                                .DefaultIfEmpty("one that is entered under How we prepare")
                        )
                    ),
                ]);
            }

            session.Prep.SetKind(Kitchen.Written(day), request.Kind);
            return Result.Done;
        });
}
