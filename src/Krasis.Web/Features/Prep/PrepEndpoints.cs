namespace Krasis.Web.Features.Prep;

/// <summary>Prep: what has to be made, bought and thrown away, and when.</summary>
public static class PrepEndpoints
{
    public static void Map(IEndpointRouteBuilder routes)
    {
        PlanEndpoints.Map(routes);
        SettingsEndpoints.Map(routes);
        ExpectedEndpoints.Map(routes);
        SalesEndpoints.Map(routes);
        BatchEndpoints.Map(routes);
        StockEndpoints.Map(routes);
        CalendarEndpoint.Map(routes);
    }
}
