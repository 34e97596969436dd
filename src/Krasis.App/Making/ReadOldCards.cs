using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Making;

/// <summary>Lists printed cards that are out of date.</summary>
public sealed class ReadOldCards(KrasisFile file) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<IReadOnlyList<OldCards>> Run() =>
        Result.Of(
            file.Read<IReadOnlyList<OldCards>>(session =>
            {
                var stations = session.Bar.Facts().Stations;
                return
                [
                    .. session
                        .Prints.OutOfDate()
                        .Select(print => new OldCards(
                            print.Build,
                            session.Builds.Find(print.Build)?.Document.Name ?? "",
                            stations.FirstOrDefault(station => station.Id == print.Station)?.Name,
                            print.Standard,
                            print.Last,
                            print.At
                        )),
                ];
            })
        );
}
