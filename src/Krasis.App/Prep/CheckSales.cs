using Krasis.App.Shared;
using Krasis.Store;

namespace Krasis.App.Prep;

/// <summary>Reads a sales file and says what would be imported. Nothing is kept.</summary>
public sealed class CheckSales(KrasisFile file, StandardNeeds standards, TimeProvider clock) : IUseCase
{
    /// <summary>Does it.</summary>
    public Result<SalesView> Run(SalesRequest request) =>
        file.Read<Result<SalesView>>(session =>
            SalesReading.Table(request) is { } table
                ? Result.Of(SalesReading.Read(session, table, request, Kitchen.Of(session, standards, clock)).View)
                : Refusal.Fields([SalesReading.Unreadable])
        );
}
