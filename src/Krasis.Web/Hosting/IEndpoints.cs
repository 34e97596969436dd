namespace Krasis.Web.Hosting;

/// <summary>The routes of one feature. The program finds all such classes and maps them.</summary>
internal interface IEndpoints
{
    /// <summary>Maps them.</summary>
    void Map(IEndpointRouteBuilder routes);
}
